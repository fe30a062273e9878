import { useSession } from '@features/session';
import { useQuery } from '@tanstack/react-query';
import { Modal } from 'antd';
import { type KeyboardEvent, useDeferredValue, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { deedsHere, pressWhenThere } from './deeds';
import { type Find, foundOptions, matching, placesOf } from './finds';

/** How many deeds of the page are offered at once; more words say which is meant. */
const DEEDS = 8;

/** Finds anything by its name, goes to any place, and does what can be done there or here. */
export function Finder({ onClose }: { onClose: () => void }) {
    const navigate = useNavigate();
    const field = useRef<HTMLInputElement>(null);
    const { user } = useSession();
    const [words, setWords] = useState('');
    const [at, setAt] = useState(0);
    // What lies under the dialog stays as it is while it is open.
    const [here] = useState(deedsHere);
    const asked = useDeferredValue(words.trim());
    const found = useQuery(foundOptions(asked));
    const places = placesOf(words.trim(), user.role);
    const deeds = matching(words.trim(), here).filter(({ name }) => places.every((place) => place.name !== name));
    const finds = words.trim() === '' ? places : [...deeds.slice(0, DEEDS), ...places, ...(found.data ?? [])];
    const hand = Math.min(at, finds.length - 1);
    const go = async ({ to, press, run }: Find) => {
        onClose();
        if (to !== undefined) {
            await navigate(to);
        }
        // Once the dialog is gone and has given back the focus.
        window.setTimeout(() => {
            run?.();
            if (press !== undefined) {
                pressWhenThere(press);
            }
        });
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
            void go(chosen);
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
                aria-label="Name of a place, a deed, job, unit, figure, scheme, record, figure type or paint"
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
                            key={`${find.to ?? ''} ${find.name}`}
                            id={`find-${String(place)}`}
                            role="option"
                            aria-selected={place === hand}
                            onMouseDown={(event) => event.preventDefault()}
                            onClick={() => void go(find)}
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
