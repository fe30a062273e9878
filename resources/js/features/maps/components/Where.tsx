import type { Schemas } from '@api';
import { useQuery } from '@tanstack/react-query';
import { outlinesOptions } from '../queries';
import { FigureSide, type Mark } from './FigureSide';

interface Props {
    type: number;
    areas: readonly string[];
}

const MOST_SIDES = 2;

/** Where some areas of a figure are: black on its outline, from the sides that show most of them. Nothing where there is no map. */
export function Where({ type, areas }: Props) {
    const sides = useQuery(outlinesOptions(type)).data ?? [];
    const shown = sides
        .map((side) => ({ side, seen: side.areas.filter((area) => areas.includes(area.area)).length }))
        .filter(({ seen }) => seen > 0)
        .toSorted((a, b) => b.seen - a.seen)
        .slice(0, MOST_SIDES);
    return shown.length === 0 ? null : (
        <div className="where">
            {shown.map(({ side }) => (
                <figure key={side.side}>
                    <FigureSide
                        side={side}
                        about={`${areas.join(', ')}, seen from ${side.side}`}
                        look={(area) => ({ fill: areas.includes(area) ? 'var(--ink)' : 'var(--paper)' })}
                        marks={piecesOf(side, areas)}
                    />
                    <figcaption>{side.side}</figcaption>
                </figure>
            ))}
        </div>
    );
}

function piecesOf(side: Schemas['OutlinedSide'], areas: readonly string[]): Mark[] {
    return side.pieces
        .filter((piece) => areas.includes(piece.area))
        .map((piece) => ({
            at: piece,
            sign: '',
            about: piece.name === '' ? piece.feature : `${piece.feature}, ${piece.name}`,
        }));
}
