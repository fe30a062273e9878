import { Input } from 'antd';
import { useState } from 'react';
import { type Change, type Draft, freeId, piece } from '../document';
import { SidePanel } from '@shared/SidePanel';

interface Props {
    draft: Draft;
    onClose: () => void;
    onOpen: (technique: string) => void;
    onChange: (changes: Change[]) => Promise<unknown>;
}

/** All techniques of the standard, by group. */
export function TechniquesPanel({ draft, onClose, onOpen, onChange }: Props) {
    const [name, setName] = useState('');
    const { techniques, requirements } = draft.document;
    const used = new Map<string, number>();
    for (const use of requirements.flatMap((one) => one.uses)) {
        for (const id of use.any_of ?? [use.technique ?? '']) {
            used.set(id, (used.get(id) ?? 0) + 1);
        }
    }
    const groups = [...new Set(techniques.map((one) => one.group))];
    return (
        <SidePanel title="Techniques" onClose={onClose}>
            <form
                className="criterion-row"
                onSubmit={(event) => {
                    event.preventDefault();
                    const id = freeId(
                        name,
                        techniques.map((one) => one.id),
                    );
                    void onChange([
                        {
                            ...piece('technique', id),
                            revision: 0,
                            value: { id, name: name.trim(), group: 'light', opacity: 'opaque' },
                        },
                    ]).then(() => onOpen(id));
                }}
            >
                <Input
                    aria-label="Name of a new technique"
                    placeholder="A new technique"
                    maxLength={190}
                    value={name}
                    onChange={(event) => setName(event.target.value)}
                />
                <button type="submit" className="plain-button" disabled={name.trim() === ''}>
                    Add it
                </button>
            </form>
            {groups.map((group) => (
                <section key={group}>
                    <h3>{group}</h3>
                    <ul className="technique-list">
                        {techniques
                            .filter((one) => one.group === group)
                            .map((one) => (
                                <li key={one.id}>
                                    <button type="button" onClick={() => onOpen(one.id)}>
                                        <b>{one.name}</b>
                                        <span>
                                            {one.opacity}, on {one.lies_on ?? 'all'}
                                            {one.dry === undefined || one.dry === 0 ? '' : `, dry after ${one.dry} min`}
                                        </span>
                                        <span>{used.get(one.id) ?? 0}×</span>
                                    </button>
                                </li>
                            ))}
                    </ul>
                </section>
            ))}
        </SidePanel>
    );
}
