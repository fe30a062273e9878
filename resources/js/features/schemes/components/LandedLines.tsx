import type { Schemas } from '@api';
import { Swatch } from '@shared/Swatch';

type Line = Schemas['LandedLine'];

/** Where each line of a pasted list lands, area by area. */
export function LandedLines({ lines, types }: { lines: readonly Line[]; types: Schemas['Scheme']['types'] }) {
    const areas = [...new Set(lines.map((line) => line.area))];
    return (
        <section className="landed" aria-label="Where each line lands">
            {areas.map((area) => (
                <section key={area}>
                    <h3>{area}</h3>
                    <ul>
                        {lines
                            .filter((line) => line.area === area)
                            .map((line) => (
                                <li key={line.line}>
                                    {line.hex !== null && <Swatch hex={line.hex} />}
                                    <span>
                                        {line.mix}
                                        <small>
                                            line {line.line}, {line.name}
                                            {line.step > 1 && ` ${String(line.step)}`}
                                            {line.figure_type !== '' &&
                                                `, ${types.find((type) => type.key === line.figure_type)?.name ?? line.figure_type} only`}
                                        </small>
                                    </span>
                                    <span>
                                        {line.at === null ? 'stays with its use' : `step ${line.at + 1}, ${line.role ?? ''}`}
                                        {line.remark !== '' && <small>? {line.remark}</small>}
                                    </span>
                                </li>
                            ))}
                    </ul>
                </section>
            ))}
        </section>
    );
}
