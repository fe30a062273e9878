import type { Schemas } from '@api';
import { ExtentMark } from '@shared/ExtentMark';
import { fewMinutes } from '@shared/format';
import { Select } from 'antd';
import { useState } from 'react';
import { type CellDoc, freeId, moved, type StandardDoc, type UseDoc, nameOfUse } from '../document';
import type { Errors } from '../errors';
import { techniqueOptions } from './techniqueOptions';
import { UseEditor } from './UseEditor';

interface Props {
    version: number;
    document: StandardDoc;
    cell: CellDoc;
    /** The cell as the core says it, where it has said so yet. */
    said: Schemas['SheetCell'] | undefined;
    errors: Errors;
    onChange: (uses: UseDoc[], renamed?: { from: string; to: string }) => void;
}

/** The layers of a cell, the top one first; dragged, or moved by key. */
export function LayerList({ version, document, cell, said, errors, onChange }: Props) {
    const [opened, setOpened] = useState<number | null>(null);
    const [dragged, setDragged] = useState<number | null>(null);
    const { uses } = cell;
    const move = (from: number, by: number) => {
        onChange(moved(uses, from, by));
        setOpened(null);
    };
    const features = [...new Set(document.requirements.flatMap((one) => one.uses.flatMap((use) => use.feature ?? [])))];
    return (
        <div className="layers">
            <h3>Layers, the top one first</h3>
            <ol>
                {uses
                    .map((use, i) => ({ use, i }))
                    .toReversed()
                    .map(({ use, i }) => (
                        <li
                            key={i}
                            className={dragged === i ? 'layer layer-dragged' : 'layer'}
                            draggable={opened !== i}
                            onDragStart={() => setDragged(i)}
                            onDragEnd={() => setDragged(null)}
                            onDragOver={(event) => event.preventDefault()}
                            onDrop={() => {
                                if (dragged !== null && dragged !== i) {
                                    move(dragged, i - dragged);
                                }
                            }}
                        >
                            <LayerHead
                                use={use}
                                said={said?.uses.find((one) => one.id === nameOfUse(use))}
                                name={nameOf(document, use)}
                                isOpen={opened === i}
                                onToggle={() => setOpened(opened === i ? null : i)}
                                onUp={i < uses.length - 1 ? () => move(i, 1) : null}
                                onDown={i > 0 ? () => move(i, -1) : null}
                                onRemove={() => onChange(uses.filter((_, j) => j !== i))}
                            />
                            {errors(`uses.${i}`) !== undefined && <p className="field-error">◆ {errors(`uses.${i}`)}</p>}
                            {opened === i && (
                                <UseEditor
                                    version={version}
                                    document={document}
                                    tier={cell.tier}
                                    surface={cell.surface}
                                    use={use}
                                    others={uses.filter((_, j) => j !== i).map(nameOfUse)}
                                    features={features}
                                    errors={(path) => errors(`uses.${i}.${path}`)}
                                    onChange={(next) =>
                                        onChange(
                                            uses.map((one, j) => (j === i ? next : one)),
                                            { from: nameOfUse(use), to: nameOfUse(next) },
                                        )
                                    }
                                />
                            )}
                        </li>
                    ))}
            </ol>
            <Select
                aria-label="Add a layer on top"
                placeholder="Add a layer on top"
                value={null}
                showSearch={{ optionFilterProp: 'label' }}
                options={techniqueOptions(document.techniques)}
                onChange={(technique: string | null) => {
                    if (technique !== null) {
                        const names = uses.map(nameOfUse);
                        const id = names.includes(technique) ? { id: freeId(technique, names) } : {};
                        onChange([...uses, { ...id, technique, minutes: 0 }]);
                        setOpened(uses.length);
                    }
                }}
            />
        </div>
    );
}

function nameOf(document: StandardDoc, use: UseDoc): string {
    const techniques = use.any_of ?? [use.technique ?? ''];
    return techniques.map((id) => document.techniques.find((one) => one.id === id)?.name ?? id).join(' or ');
}

interface HeadProps {
    use: UseDoc;
    said: Schemas['SheetUse'] | undefined;
    name: string;
    isOpen: boolean;
    onToggle: () => void;
    onUp: (() => void) | null;
    onDown: (() => void) | null;
    onRemove: () => void;
}

function LayerHead({ use, said, name, isOpen, onToggle, onUp, onDown, onRemove }: HeadProps) {
    return (
        <div
            className="layer-head"
            onKeyDown={(event) => {
                if (event.altKey && event.key === 'ArrowUp') {
                    onUp?.();
                } else if (event.altKey && event.key === 'ArrowDown') {
                    onDown?.();
                }
            }}
        >
            <ExtentMark extent={use.extent ?? 'every'} />
            <button type="button" className="layer-name" aria-expanded={isOpen} onClick={onToggle}>
                <b>{name}</b> {said?.degree}
            </button>
            <span className="use-minutes">
                {said === undefined || said.minutes === null ? '' : `${fewMinutes(said.minutes)} min`}
            </span>
            <span className="layer-deeds">
                <button
                    type="button"
                    aria-label={`${name}: one up`}
                    title="One up (Alt and arrow)"
                    disabled={onUp === null}
                    onClick={() => onUp?.()}
                >
                    ↑
                </button>
                <button
                    type="button"
                    aria-label={`${name}: one down`}
                    title="One down (Alt and arrow)"
                    disabled={onDown === null}
                    onClick={() => onDown?.()}
                >
                    ↓
                </button>
                <button type="button" aria-label={`${name}: take out`} title="Take out" onClick={onRemove}>
                    ×
                </button>
            </span>
        </div>
    );
}
