import { useSession } from '@features/session';
import { useQuery } from '@tanstack/react-query';
import { Modal } from 'antd';
import { type KeyboardEvent, useDeferredValue, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { foundOptions, placesOf } from './finds';

/** Finds anything by its name, and goes to any place. */
export function Finder({ onClose }: { onClose: () => void }) {
    const navigate = useNavigate();
    const field = useRef<HTMLInputElement>(null);
    const { user } = useSession();
    const [words, setWords] = useState('');
    const [at, setAt] = useState(0);
    const asked = useDeferredValue(words.trim());
    const found = useQuery(foundOptions(asked));
    const finds = [...placesOf(words.trim(), user.role), ...(words.trim() === '' ? [] : (found.data ?? []))];
    const hand = Math.min(at, finds.length - 1);
    const go = (to: string) => {
        onClose();
        void navigate(to);
    };
    const onKey = (event: KeyboardEvent) => {
        const steps: Partial<Record<string, number>> = { ArrowDown: 1, ArrowUp: -1 };
        const step = steps[event.key];
        if (step !== undefined && finds.length > 0) {
            event.preventDefault();
            setAt((hand + step + finds.length) % finds.length);
        }
        const chosen = finds[hand];
        if (event.key === 'Enter' && chosen !== undefined) {
            event.preventDefault();
            go(chosen.to);
        }
    };
    return (
        <Modal
            open
            title="Find anything"
            footer={null}
            onCancel={onClose}
            width={560}
            style={{ top: 60 }}
            // It was asked for to be typed into.
            afterOpenChange={(isOpen) => isOpen && field.current?.focus()}
        >
            <input
                ref={field}
                className="finder-words"
                role="combobox"
                aria-label="Name of a place, job, unit, figure, scheme, record, figure type or paint"
                aria-expanded={finds.length > 0}
                aria-controls="finder-finds"
                aria-activedescendant={finds.length > 0 ? `find-${String(hand)}` : undefined}
                value={words}
                onChange={(event) => {
                    setWords(event.target.value);
                    setAt(0);
                }}
                onKeyDown={onKey}
            />
            {finds.length > 0 ? (
                <ul id="finder-finds" className="finder-finds" role="listbox" aria-label="Found">
                    {finds.map((find, place) => (
                        <li
                            key={`${find.to} ${find.name}`}
                            id={`find-${String(place)}`}
                            role="option"
                            aria-selected={place === hand}
                            onMouseDown={(event) => event.preventDefault()}
                            onClick={() => go(find.to)}
                        >
                            <b>{find.name}</b> <span>{find.detail}</span>
                        </li>
                    ))}
                </ul>
            ) : (
                <p role="status">{found.isFetching ? 'Looking…' : 'Nothing has these words in its name.'}</p>
            )}
        </Modal>
    );
}
