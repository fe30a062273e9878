import type { Schemas } from '@api';
import { useQuery } from '@tanstack/react-query';
import type { UseDoc } from '../document';
import { liesAmongOptions } from '../queries';

interface Props {
    version: number;
    tier: string;
    technique: string;
    use: UseDoc;
}

/** Heights of the picture, in units: a layer, and the band that is laid over all. */
const LAYER = 6;
const BAND = 8;
const COLUMN = 16;

/** Where a use of the whole figure lies: a column a surface, its layers below and above the band, a gap where it is kept off. */
export function LiesAmong({ version, tier, technique, use }: Props) {
    const place = useQuery(liesAmongOptions(version, tier, technique, use)).data;
    if (place === undefined) {
        return null;
    }
    return (
        <figure className="lies-among">
            {place.surfaces.length > 0 && (
                <>
                    <Picture place={place} />
                    <ol aria-hidden="true">
                        {[...place.surfaces.map((one) => one.surface), ...place.spared].map((surface) => (
                            <li key={surface}>{surface}</li>
                        ))}
                    </ol>
                </>
            )}
            <figcaption>{place.say}</figcaption>
        </figure>
    );
}

function Picture({ place }: { place: Schemas['LiesAmong'] }) {
    const { surfaces, spared } = place;
    const most = (side: 'under' | 'over') => Math.max(0, ...surfaces.map((one) => one[side].length));
    const [over, under] = [most('over'), most('under')];
    const band = over * LAYER;
    const width = (surfaces.length + spared.length) * COLUMN;
    return (
        <svg viewBox={`0 0 ${String(width)} ${String((over + under) * LAYER + BAND)}`} role="img" aria-label={place.say}>
            {surfaces.map((one, at) => (
                <g key={one.surface} transform={`translate(${String(at * COLUMN)} 0)`}>
                    <title>{[one.surface, ...one.under, '▬', ...one.over].join('\n')}</title>
                    {one.over.map((_, layer) => (
                        <rect
                            key={layer}
                            className="lies-over"
                            x="2"
                            y={band - (layer + 1) * LAYER + 1}
                            width={COLUMN - 4}
                            height={LAYER - 1}
                        />
                    ))}
                    <rect className="lies-band" x="0" y={band} width={COLUMN} height={BAND - 1} />
                    {one.under.map((_, layer) => (
                        <rect
                            key={layer}
                            className="lies-under"
                            x="2"
                            y={band + BAND + (one.under.length - 1 - layer) * LAYER}
                            width={COLUMN - 4}
                            height={LAYER - 1}
                        />
                    ))}
                </g>
            ))}
            {spared.map((surface, at) => (
                <g key={surface} transform={`translate(${String((surfaces.length + at) * COLUMN)} 0)`}>
                    <title>{surface}: kept off</title>
                    <rect className="lies-spared" x="2" y={band + 1} width={COLUMN - 4} height={BAND - 3} />
                </g>
            ))}
        </svg>
    );
}
