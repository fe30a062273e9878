import { NumberInput } from '@shared/NumberInput';
import { Button, Checkbox, Input, Select } from 'antd';
import { useState } from 'react';
import { type AreaDraft, piecesOf } from '../draft';
import { WEIGHTS } from '../sizes';
import { AreaPlace } from './AreaPlace';

interface Props {
    area: AreaDraft;
    surfaces: readonly { value: string; label: string }[];
    /** Names of places that the standard says of its surface. */
    offered: readonly string[];
    /** Names of the other areas. */
    others: readonly string[];
    /** What follows from all areas together; undefined: not known yet. */
    outlined: { share: number; depth: number; sides: readonly string[] } | undefined;
    /** What is wrong with it. */
    wrong: readonly string[];
    /** Whether the row was just added, and is written in next. */
    isNew: boolean;
    onChange: (change: Partial<AreaDraft>) => void;
    onRemove: () => void;
    onNext: () => void;
}

/** One area, in a line; what is wrong with it under it. */
export function AreaRow({ area, surfaces, offered, others, outlined, wrong, isNew, onChange, onRemove, onNext }: Props) {
    const [open, setOpen] = useState(false);
    const pieces = piecesOf(area.pieces).unreadable;
    const named = area.name === '' ? 'this area' : area.name;
    const place = outlined === undefined ? '…' : `${String(outlined.depth)} · ${String(outlined.sides.length)}`;
    const said = [...wrong, ...(pieces === null ? [] : [pieces])];
    return (
        <>
            <tr className={said.length > 0 ? 'area-wrong' : undefined}>
                <td data-label="Area">
                    <Input
                        aria-label="Name"
                        value={area.name}
                        maxLength={120}
                        autoFocus={isNew}
                        onChange={(event) => onChange({ name: event.target.value })}
                        onPressEnter={onNext}
                    />
                </td>
                <td data-label="Made of">
                    <Select
                        aria-label={`Surface of ${named}`}
                        showSearch={{ optionFilterProp: 'label' }}
                        value={area.surface === '' ? null : area.surface}
                        options={[...surfaces]}
                        onChange={(surface: string) => onChange({ surface })}
                    />
                    {area.unsure && <small>a guess: asked in each job</small>}
                </td>
                <td data-label="Size">
                    <Select
                        aria-label={`Size of ${named}`}
                        value={area.weight}
                        options={[...WEIGHTS]}
                        placeholder="percent"
                        onChange={(weight: AreaDraft['weight']) => onChange({ weight, share: null })}
                    />
                </td>
                <td data-label="Of the body">
                    <NumberInput
                        aria-label={`Percent of the body, ${named}`}
                        value={area.share === null ? null : Math.round(area.share * 1e4) / 100}
                        min={0.01}
                        max={100}
                        suffix="%"
                        placeholder={outlined === undefined ? '' : percent(outlined.share)}
                        onChange={(share) =>
                            onChange(
                                share === null
                                    ? { share: null, weight: area.weight ?? 'medium' }
                                    : { share: share / 100, weight: null },
                            )
                        }
                    />
                </td>
                <td data-label="Sits on">
                    <Select
                        aria-label={`What ${named} sits on`}
                        allowClear
                        showSearch
                        value={area.on}
                        placeholder="nothing"
                        options={others.map((name) => ({ value: name, label: name }))}
                        onChange={(on?: string | null) => onChange({ on: on ?? null })}
                    />
                </td>
                <td data-label="Pieces">
                    <Input
                        aria-label={`Pieces of ${named}`}
                        value={area.pieces}
                        status={pieces === null ? '' : 'error'}
                        onChange={(event) => onChange({ pieces: event.target.value })}
                        onPressEnter={onNext}
                    />
                </td>
                <td data-label="Part">
                    <Input
                        aria-label={`Part that ${named} is on`}
                        value={area.part}
                        maxLength={120}
                        onChange={(event) => onChange({ part: event.target.value })}
                        onPressEnter={onNext}
                    />
                </td>
                <td data-label="Focal" className="area-focal">
                    <Checkbox
                        aria-label={`${named} draws the eye`}
                        checked={area.focal}
                        onChange={(event) => onChange({ focal: event.target.checked })}
                    />
                </td>
                <td data-label="Depth · sides" className="area-deeds">
                    <Button
                        aria-expanded={open}
                        aria-label={`${place}: depth, sides and places of ${named}`}
                        onClick={() => setOpen(!open)}
                    >
                        {place}
                    </Button>
                    <Button aria-label={`Take ${named} away`} onClick={onRemove}>
                        −
                    </Button>
                </td>
            </tr>
            {open && (
                <tr className="area-place">
                    <td colSpan={9}>
                        <AreaPlace area={area} outlined={outlined} offered={offered} onChange={onChange} />
                    </td>
                </tr>
            )}
            {said.length > 0 && (
                <tr className="area-said">
                    <td colSpan={9} role="alert">
                        {said.map((one) => (
                            <p key={one}>
                                <span aria-hidden="true">◆ </span>
                                {one}
                            </p>
                        ))}
                    </td>
                </tr>
            )}
        </>
    );
}

function percent(share: number): string {
    return String(Math.round(share * 1000) / 10);
}
