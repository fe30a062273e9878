import type { Schemas } from '@api';
import { wordOf } from './StateWord';

type State = Schemas['JobSummary']['states'][number];

/** How far figures are: a bar from what is signed to what nobody has begun, each state with a texture of its own. */
export function StateBar({ states }: { states: readonly State[] }) {
    const there = states.filter((one) => one.figures > 0).toReversed();
    const words = there.map((one) => `${String(one.figures)} ${wordOf(one.state)}`).join(', ');
    return there.length === 0 ? null : (
        <span className="state-bar" role="img" aria-label={words} title={words}>
            {there.map((one) => (
                <span key={one.state} className={`state-bar-${one.state}`} style={{ flexGrow: one.figures }} />
            ))}
        </span>
    );
}
