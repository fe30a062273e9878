import { Input } from 'antd';
import { useEffect, useState } from 'react';

interface Props {
    id?: string;
    value?: string;
    onChange?: (value: string) => void;
    /** What others know of somebody: a password that holds it is weak. */
    known?: readonly string[];
    'aria-label'?: string;
}

/** How hard it is to guess, from 0 to 4. */
export type Strength = 0 | 1 | 2 | 3 | 4;

const WORDS: Record<Strength, string> = {
    0: 'guessed at once',
    1: 'guessed soon',
    2: 'guessed by somebody who tries',
    3: 'hard to guess',
    4: 'very hard to guess',
};

/** The estimator is large, and needed by few: it comes when somebody types a new password. */
async function estimate(password: string, known: readonly string[]): Promise<Strength> {
    const [{ ZxcvbnFactory }, common] = await Promise.all([import('@zxcvbn-ts/core'), import('@zxcvbn-ts/language-common')]);
    const estimator = new ZxcvbnFactory({ dictionary: { ...common.dictionary }, graphs: common.adjacencyGraphs });
    return estimator.check(password, [...known]).score;
}

/** A new password, with how hard it would be to guess. What it may be is said by the server. */
export function PasswordField({ id, value = '', onChange, known = [], ...rest }: Props) {
    const [found, setFound] = useState<{ of: string; strength: Strength } | null>(null);
    const names = known.join(' ');
    useEffect(() => {
        let live = true;
        if (value !== '') {
            estimate(value, names.split(' ')).then(
                (strength) => live && setFound({ of: value, strength }),
                () => undefined,
            );
        }
        return () => {
            live = false;
        };
    }, [value, names]);
    // What was found of another text says nothing of this one.
    const strength = found?.of === value ? found.strength : null;
    return (
        <>
            <Input.Password
                {...(id === undefined ? {} : { id })}
                aria-label={rest['aria-label']}
                autoComplete="new-password"
                maxLength={190}
                size="large"
                value={value}
                onChange={(event) => onChange?.(event.target.value)}
            />
            <p className="strength" role="status">
                <span className="strength-bars" aria-hidden="true">
                    {[1, 2, 3, 4].map((bar) => (
                        <i key={bar} className={strength !== null && strength >= bar ? 'filled' : ''} />
                    ))}
                </span>
                {value.length > 0 && value.length < 12
                    ? `${12 - value.length} more ${value.length === 11 ? 'sign' : 'signs'}, at least`
                    : strength === null
                      ? 'at least 12 signs; a few words in a row are easy to keep in mind'
                      : WORDS[strength]}
            </p>
        </>
    );
}
