import type { Schemas } from '@api';
import { figureTypesOptions } from '@features/figureTypes';
import { FigureSide, outlinesOptions } from '@features/maps';
import { useQuery } from '@tanstack/react-query';

type Plate = Schemas['SchemePlate'];

interface Props {
    /** Key of the figure type. */
    type: string;
    plates: readonly Plate[];
}

/** The figure itself, tier beside tier, where its type is laid out as a picture: each area in the one tone that it is seen in. */
export function ProofFigure({ type, plates }: Props) {
    const id = useQuery(figureTypesOptions()).data?.find((one) => one.key === type)?.id;
    return id === undefined ? null : <Drawn id={id} plates={plates} />;
}

function Drawn({ id, plates }: { id: number; plates: readonly Plate[] }) {
    const sides = useQuery(outlinesOptions(id)).data ?? [];
    const side = sides.find((one) => one.side === 'front') ?? sides[0];
    const tiers = new Map(plates.map((plate) => [plate.tier, plate.tier_name]));
    return side === undefined ? null : (
        <section>
            <h2>
                The figure <small>from {side.side}, each area in its tone</small>
            </h2>
            <ol className="plate-row">
                {[...tiers].map(([tier, name]) => (
                    <li key={tier}>
                        <div className="proof-figure">
                            <FigureSide
                                side={side}
                                about={`The figure at ${name}`}
                                isPaint
                                look={(area) => ({ fill: toneOf(plates, area, tier) ?? 'var(--neutral)' })}
                            />
                        </div>
                        <small>{name}</small>
                    </li>
                ))}
            </ol>
        </section>
    );
}

/** What an area is seen in at a tier; nothing where the scheme or the tier lays nothing on it. */
function toneOf(plates: readonly Plate[], area: string, tier: string): string | null {
    return plates.find((one) => one.area === area && one.tier === tier)?.tone ?? null;
}
