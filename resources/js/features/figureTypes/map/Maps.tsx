import { Choice } from '@shared/Choice';
import { SIDES } from '@shared/sides';
import { Button } from 'antd';
import { useState } from 'react';
import type { AreaDraft } from '../draft';
import type { SideDraft, SideName } from './draftMaps';
import { NewSide } from './NewSide';
import { SideEditor } from './SideEditor';

interface Props {
    /** The type's own, where it is stored: its sides can be fetched as pictures. */
    id: number | null;
    maps: readonly SideDraft[];
    areas: readonly AreaDraft[];
    mayChange: boolean;
    onChange: (maps: SideDraft[]) => void;
}

/** A figure laid out as pictures of its sides. */
export function Maps({ id, maps, areas, mayChange, onChange }: Props) {
    const [side, setSide] = useState<SideName>(maps[0]?.side ?? 'front');
    const map = maps.find((one) => one.side === side);
    const change = (next: SideDraft) => onChange([...maps.filter((one) => one.side !== side), next]);
    return (
        <div className="maps">
            <Choice
                label="Side"
                value={side}
                options={SIDES.map((one) => ({
                    value: one,
                    label: maps.some((other) => other.side === one) ? `${one} ✓` : one,
                }))}
                onChange={setSide}
            />
            {map !== undefined && <SideEditor key={side} map={map} areas={areas} onChange={change} />}
            {mayChange && <NewSide key={`new ${side}`} side={side} map={map} onBegin={change} />}
            {map !== undefined && (
                <p className="map-deeds">
                    {mayChange && (
                        <Button onClick={() => onChange(maps.filter((one) => one.side !== side))}>Take this side off</Button>
                    )}
                    {id !== null && (
                        <a href={`/api/figure-types/${String(id)}/maps/${side}`} download>
                            Fetch it as it is stored, a PNG whose palette is the areas
                        </a>
                    )}
                </p>
            )}
        </div>
    );
}
