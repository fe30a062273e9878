import { date } from '@shared/format';
import { Button, Input } from 'antd';
import { useState } from 'react';
import { isDay, readDay, today } from './days';
import { Month } from './Month';

interface Props {
    id: string;
    /** YYYY-MM-DD; empty: none. What could not be read stands here as it was typed, so that nothing is lost. */
    value: string;
    onChange: (value: string) => void;
    /** The first day that can be chosen; left out: any. */
    min?: string;
    required?: boolean;
    isWrong?: boolean;
}

/** A day, typed as one writes it or pressed in a month; it is written back as the rest of the application writes days. */
export function DateField({ id, value, onChange, min, required = false, isWrong = false }: Props) {
    const [typed, setTyped] = useState<string | null>(null);
    const [open, setOpen] = useState(false);
    const known = isDay(value);
    const unread = value !== '' && !known;
    return (
        <span className="date-field">
            <Input
                id={id}
                value={typed ?? (known ? date(value) : value)}
                placeholder="5 Jan 2027, 5.1., 3 weeks"
                autoComplete="off"
                required={required}
                status={isWrong || unread ? 'error' : ''}
                onChange={(event) => {
                    const text = event.target.value;
                    setTyped(text);
                    onChange(text.trim() === '' ? '' : (readDay(text, today()) ?? text));
                }}
                onBlur={() => setTyped(null)}
            />
            <Button
                aria-expanded={open}
                aria-label={open ? 'Close the month' : 'Choose from a month'}
                onClick={() => setOpen(!open)}
            >
                {open ? '▴' : '▾'}
            </Button>
            {typed !== null && known && <small>{date(value)}</small>}
            {unread && <small role="status">Not read yet: write it as 5 Jan 2027.</small>}
            {open && (
                <Month
                    chosen={known ? value : null}
                    {...(min === undefined ? {} : { min })}
                    onChoose={(day) => {
                        setTyped(null);
                        setOpen(false);
                        onChange(day);
                    }}
                />
            )}
        </span>
    );
}
