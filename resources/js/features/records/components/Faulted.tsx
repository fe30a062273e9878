import type { Schemas } from '@api';
import { FigureSide, type Mark, outlinesOptions } from '@features/maps';
import { useQuery } from '@tanstack/react-query';
import { numbersOf } from '../placed';

/**
 * Where the faults were, on the figure as it was judged: a type whose figures are signed stays as it is in their job. Sides
 * that the tier does not count are left out.
 */
export function Faulted({ signOff }: { signOff: Schemas['SignOff'] }) {
    const { record } = signOff;
    const sides = useQuery(outlinesOptions(signOff.type_id)).data ?? [];
    const numbers = [...numbersOf(record)];
    const shown = sides.filter((side) => record.tier.sides.includes(side.side));
    return shown.length === 0 ? null : (
        <section className="certificate-sides">
            {shown.map((side) => {
                const here = numbers.filter(([fault]) => fault.side === side.side);
                return (
                    <figure key={side.side}>
                        <FigureSide
                            side={side}
                            about={`The figure from ${side.side}${here.length === 0 ? '' : ', with where its faults were'}`}
                            look={(area) => ({
                                fill: here.some(([fault]) => fault.area === area) ? 'var(--line)' : 'var(--paper)',
                            })}
                            markSize={1.8}
                            marks={here.flatMap(([fault, number]): Mark[] =>
                                fault.place === null
                                    ? []
                                    : [{ at: fault.place, sign: String(number), about: `${fault.area}: ${fault.sentence}` }],
                            )}
                        />
                        <figcaption>{side.side}</figcaption>
                    </figure>
                );
            })}
        </section>
    );
}
