import { Input, type InputRef } from 'antd';
import { type KeyboardEvent, useEffect, useRef, useState } from 'react';
import { readNumber, writeNumber } from './readNumber';

interface Props {
    id?: string;
    /** Given by forms that set the value themselves. */
    value?: number | null | undefined;
    onChange?: (value: number | null) => void;
    /** Told when a text cannot be read, for forms that must not send the number before it. */
    onUnreadable?: () => void;
    min?: number;
    max?: number;
    /** Whether only whole numbers are meant. */
    whole?: boolean;
    step?: number;
    suffix?: string | undefined;
    placeholder?: string | undefined;
    size?: 'small' | 'middle' | 'large';
    status?: '' | 'error';
    autoFocus?: boolean;
    disabled?: boolean;
    'aria-label'?: string;
}

/** What is out of bounds, in words; null: nothing. */
function bounds(value: number, { min, max, whole }: Pick<Props, 'min' | 'max' | 'whole'>): string | null {
    if (whole === true && !Number.isInteger(value)) {
        return 'Only a whole number is meant here.';
    }
    if (min !== undefined && value < min) {
        return `At least ${min}.`;
    }
    return max !== undefined && value > max ? `At most ${max}.` : null;
}

/**
 * The one field for numbers. It takes a comma or a point whatever the language of the browser, keeps what
 * it cannot read and says so, and is stepped by the arrow keys.
 */
export function NumberInput({ value, onChange, onUnreadable, min, max, whole, step = 1, suffix, status = '', ...input }: Props) {
    const [text, setText] = useState(writeNumber(value));
    const [wrong, setWrong] = useState<string | null>(null);
    // The number that the text says; a value that comes from elsewhere replaces the text, one's own does not.
    const said = useRef<number | null>(value ?? null);
    useEffect(() => {
        if ((value ?? null) !== said.current && !Number.isNaN(value)) {
            said.current = value ?? null;
            setText(writeNumber(value));
            setWrong(null);
        }
    }, [value]);
    // What stood there before somebody began to type: “1.2” on the way to “1.200,5” was never meant.
    const settled = useRef<number | null>(value ?? null);
    const field = useRef<InputRef>(null);
    // A form of which a number cannot be read is not sent, whoever made the form.
    useEffect(() => {
        field.current?.input?.setCustomValidity(wrong ?? '');
    }, [wrong]);
    const say = (next: number | null) => {
        if (next !== said.current) {
            said.current = next;
            onChange?.(next);
        }
    };
    const take = (next: number | null) => {
        setWrong(null);
        say(next);
    };
    const type = (typed: string) => {
        setText(typed);
        const read = readNumber(typed);
        const message =
            read.kind === 'unreadable'
                ? read.message
                : read.kind === 'number'
                  ? bounds(read.value, withoutUndefined(min, max, whole))
                  : null;
        if (message !== null) {
            setWrong(message);
            say(settled.current);
            onUnreadable?.();
        } else {
            take(read.kind === 'number' ? read.value : null);
        }
    };
    const byKey = (event: KeyboardEvent) => {
        const by = event.key === 'ArrowUp' ? step : event.key === 'ArrowDown' ? -step : 0;
        const read = readNumber(text);
        if (by !== 0 && read.kind !== 'unreadable') {
            event.preventDefault();
            const from = read.kind === 'number' ? read.value : (min ?? 0) - by;
            const next = Math.min(Math.max(Number((from + by).toFixed(6)), min ?? -Infinity), max ?? Infinity);
            setText(writeNumber(next));
            take(next);
        }
    };
    return (
        <span className="number-input">
            <Input
                {...input}
                ref={field}
                onFocus={() => {
                    settled.current = said.current;
                }}
                inputMode="decimal"
                autoComplete="off"
                value={text}
                suffix={suffix}
                status={wrong === null ? status : 'error'}
                aria-invalid={wrong !== null || status === 'error'}
                onChange={(event) => type(event.target.value)}
                onKeyDown={byKey}
            />
            {wrong !== null && (
                <span className="field-error" role="alert">
                    {wrong}
                </span>
            )}
        </span>
    );
}

function withoutUndefined(min?: number, max?: number, whole?: boolean): Pick<Props, 'min' | 'max' | 'whole'> {
    return {
        ...(min === undefined ? {} : { min }),
        ...(max === undefined ? {} : { max }),
        ...(whole === undefined ? {} : { whole }),
    };
}
