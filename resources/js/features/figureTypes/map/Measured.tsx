import type { Schemas } from '@api';
import { count } from '@shared/format';
import { Why } from '@shared/Why';
import { Button } from 'antd';
import type { AreaDraft } from '../draft';
import { newBorders, withBorders, withPieces, withShares, withSides } from '../taken';

interface Props {
    measurement: Schemas['Measurement'];
    areas: readonly AreaDraft[];
    onTake: (areas: AreaDraft[]) => void;
}

function percent(share: number): string {
    return `${String(Math.round(share * 1000) / 10)} %`;
}

/** What the pictures say beside what was said; nothing is taken before somebody says so. */
export function Measured({ measurement, areas, onTake }: Props) {
    const borders = newBorders(areas, measurement);
    const pieces = withPieces(areas, measurement);
    const one = measurement.sides.length === 1;
    return (
        <section className="measured" aria-label="Measured on the pictures">
            <h3>Measured from {measurement.sides.join(', ')}</h3>
            <p className="figure-type-say">
                {one && 'Of one side alone: what is seen only from elsewhere is too small in it. '}
                {measurement.not_laid_out.length > 0 &&
                    `Not laid out anywhere, so as it was said: ${measurement.not_laid_out.join(', ')}. `}
                Nothing is taken over before you say so.
            </p>
            <div className="measured-table">
                <table className="list">
                    <thead>
                        <tr>
                            <th scope="col">Area</th>
                            <th scope="col" className="number">
                                Said
                            </th>
                            <th scope="col" className="number">
                                Measured
                            </th>
                            <th scope="col">Seen from</th>
                        </tr>
                    </thead>
                    <tbody>
                        {measurement.areas.map((area) => (
                            <tr key={area.name}>
                                <td>{area.name}</td>
                                <td className="number">{percent(area.said)}</td>
                                <td className="number">
                                    <Why why={area.why} about={`the share of ${area.name}`}>
                                        {percent(area.share)}
                                    </Why>
                                </td>
                                <td>{area.sides.join(', ')}</td>
                            </tr>
                        ))}
                    </tbody>
                </table>
            </div>
            <p className="map-deeds">
                <Button onClick={() => onTake(withShares(areas, measurement))}>Take the shares</Button>
                <Button onClick={() => onTake(withSides(areas, measurement))}>Take the sides</Button>
                {borders.length > 0 && (
                    <Button onClick={() => onTake(withBorders(areas, measurement))}>
                        Take {count(borders.length, 'border')}
                    </Button>
                )}
                {pieces.some((area, i) => area !== areas[i]) && <Button onClick={() => onTake(pieces)}>Take the pieces</Button>}
            </p>
            {borders.length > 0 && (
                <p className="figure-type-say">
                    Not said yet, and met in the pictures: {borders.map(({ area, other }) => `${area} and ${other}`).join('; ')}.
                    What only stands before the other does not touch it: such pairs are taken back in the square below.
                </p>
            )}
        </section>
    );
}
