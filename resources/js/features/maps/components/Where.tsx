import type { Schemas } from '@api';
import { useQuery } from '@tanstack/react-query';
import { type View, viewRound } from '../detail';
import { outlinesOptions } from '../queries';
import { FigureSide, type Look, type Mark } from './FigureSide';

type Side = Schemas['OutlinedSide'];

interface Props {
    type: number;
    areas: readonly string[];
    /** Pieces and places of them that are meant; none: the areas as they are. */
    names: readonly string[];
}

const MOST_SIDES = 2;

/**
 * Where some areas of a figure are: black on its outline, from the sides that show most of them, and near by where single
 * pieces or places are meant. Nothing where there is no map.
 */
export function Where({ type, areas, names }: Props) {
    const sides = useQuery(outlinesOptions(type)).data ?? [];
    const shown = sides
        .map((side) => ({ side, seen: side.areas.filter((area) => areas.includes(area.area)).length }))
        .filter(({ seen }) => seen > 0)
        .toSorted((a, b) => b.seen - a.seen || piecesOf(b.side, areas, names).length - piecesOf(a.side, areas, names).length)
        .slice(0, MOST_SIDES);
    const near = shown.map(({ side }) => ({ side, marks: piecesOf(side, areas, names) })).find(({ marks }) => marks.length > 0);
    const black = (area: string) => ({ fill: areas.includes(area) ? 'var(--ink)' : 'var(--paper)' });
    return shown.length === 0 ? null : (
        <div className="where">
            {shown.slice(0, near === undefined ? MOST_SIDES : MOST_SIDES - 1).map(({ side }) => (
                <figure key={side.side}>
                    <FigureSide side={side} about={`${areas.join(', ')}, seen from ${side.side}`} look={black} />
                    <figcaption>{side.side}</figcaption>
                </figure>
            ))}
            {near !== undefined && <Near {...near} view={viewRound(near.side, near.marks)} areas={areas} />}
        </div>
    );
}

interface NearProps {
    side: Side;
    marks: readonly Mark[];
    view: View;
    areas: readonly string[];
}

/** The pieces and places that are meant, each with its number. */
function Near({ side, marks, view, areas }: NearProps) {
    const look = (area: string): Look => ({ fill: 'var(--paper)', strong: areas.includes(area) });
    return (
        <figure className="where-near">
            <FigureSide
                side={side}
                about={`Near by, seen from ${side.side}`}
                look={look}
                marks={marks}
                markSize={2}
                view={view}
            />
            <figcaption>
                <ol>
                    {marks.map((mark) => (
                        <li key={mark.sign}>
                            <b>{mark.sign}</b> {mark.about}
                        </li>
                    ))}
                </ol>
            </figcaption>
        </figure>
    );
}

function piecesOf(side: Side, areas: readonly string[], names: readonly string[]): Mark[] {
    return side.pieces
        .filter((piece) => areas.includes(piece.area) && names.includes(piece.feature))
        .map((piece, at) => ({
            at: piece,
            sign: String(at + 1),
            about: piece.name === '' ? piece.feature : `${piece.feature}, ${piece.name}`,
        }));
}
