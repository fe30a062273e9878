import type { Schemas } from '@api';
import { useSession } from '@features/session';
import type { Point } from '@shared/pointing';
import { SIDES } from '@shared/sides';
import type { SideName } from '../useCheck';
import { Seen } from './Seen';

interface Props {
    check: Schemas['Check'];
    side: SideName;
    area: string | null;
    onSide: (side: SideName) => void;
    place: Point | null;
    onArea: (area: string, at: Point | null) => void;
}

/** The figure turned through the sides that count. */
export function Turn({ check, side, area, place, onSide, onArea }: Props) {
    const { studio } = useSession();
    const uncounted = SIDES.filter((one) => !check.sides.includes(one));
    return (
        <section className="turn" aria-label="Sides">
            <div className="turn-sides" role="group" aria-label="Turn to">
                {SIDES.map((one, i) => (
                    <button
                        key={one}
                        type="button"
                        aria-pressed={one === side}
                        disabled={!check.sides.includes(one)}
                        onClick={() => onSide(one)}
                        aria-keyshortcuts={String(i + 1)}
                    >
                        {one}
                        {check.passed.includes(one) && <span aria-label="passed"> ✓</span>}
                    </button>
                ))}
            </div>
            <Seen check={check} side={side} area={area} place={place} onArea={onArea} />
            {check.mended_at_the_bench.length > 0 && (
                <p>
                    <b>Mended at the bench, so look there:</b>{' '}
                    {check.mended_at_the_bench.map((one) => `${one.area} (${one.name}, ${one.by})`).join('; ')}.
                </p>
            )}
            <p>
                {uncounted.length > 0 && ` Not counted at this tier: ${uncounted.join(', ')}.`}
                {studio.single_keys && ' Keys 1 to 6 turn the figure, J and K go through what is asked.'}
                {check.unseen.length > 0 && ` Seen from no counted side, so not asked: ${check.unseen.join(', ')}.`}
            </p>
        </section>
    );
}
