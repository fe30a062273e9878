import type { Schemas } from '@api';
import { FigureSide, type Mark, outlinesOptions } from '@features/maps';
import type { Point } from '@shared/pointing';
import { SEVERITY_SIGNS } from '@shared/Severity';
import { useQuery } from '@tanstack/react-query';
import { stateOf, UNKNOWN } from '../areaState';
import type { SideName } from '../useCheck';
import { Mosaic } from './Mosaic';

interface Props {
    check: Schemas['Check'];
    side: SideName;
    area: string | null;
    place: Point | null;
    onArea: (area: string, at: Point | null) => void;
}

/** What is seen from a side: the figure itself where it is laid out as a picture, else its areas by share. */
export function Seen({ check, side, area, place, onArea }: Props) {
    const drawn = useQuery(outlinesOptions(check.type_id)).data?.find((one) => one.side === side);
    if (drawn === undefined) {
        return (
            <>
                <Mosaic check={check} side={side} area={area} onArea={(to) => onArea(to, null)} />
                <p>Seen from {side}, by share. Bold areas draw the eye.</p>
            </>
        );
    }
    const faults = check.faults.filter((fault) => fault.side === side && fault.place !== null);
    return (
        <>
            <div className="turn-side">
                <FigureSide
                    side={{ ...drawn, areas: drawn.areas.filter((one) => check.areas.some((of) => of.area === one.area)) }}
                    about={`Seen from ${side}`}
                    isPaint
                    chosen={area}
                    place={place}
                    marks={faults.map(markOf)}
                    look={(name) => {
                        const of = check.areas.find((one) => one.area === name);
                        const state = stateOf(check, name);
                        return {
                            fill: of?.hex ?? UNKNOWN,
                            strong: of?.focal === true,
                            words: `${of?.focal === true ? ', draws the eye' : ''}${state === ' ×' ? ', has a fault' : state === ' ✓' ? ', all answered' : ''}`,
                        };
                    }}
                    onPoint={onArea}
                />
            </div>
            <p>
                Seen from {side}. Areas with a strong line draw the eye.{' '}
                {place === null
                    ? 'Where you point, a flaw is placed.'
                    : `Pointed at ${area ?? 'it'}: a flaw that is written down now is placed there.`}
            </p>
        </>
    );
}

function markOf(fault: Schemas['CheckFault']): Mark {
    return {
        at: fault.place ?? { x: 0, y: 0 },
        sign: fault.severity === 'none' ? '○' : SEVERITY_SIGNS[fault.severity],
        about: `${fault.area}: ${fault.sentence}`,
    };
}
