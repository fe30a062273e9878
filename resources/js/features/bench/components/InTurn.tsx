import type { Schemas } from '@api';
import { MixShown } from './MixShown';

/** The mixes of two uses whose steps take turns, in the order they are laid. */
export function InTurn({ turns }: { turns: Schemas['BenchStep']['turns'] }) {
    if (turns.length === 0) {
        return null;
    }
    return (
        <div className="in-turn">
            <h3>In turn, mix by mix</h3>
            <ol>
                {turns.map((turn, i) => (
                    <li key={i}>
                        <b>{turn.title}</b>
                        <MixShown mix={turn.mix} />
                    </li>
                ))}
            </ol>
        </div>
    );
}
