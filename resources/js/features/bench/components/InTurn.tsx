import type { Schemas } from '@api';
import { Swatch } from '@shared/Swatch';

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
                        {turn.mix.parts.map((part) => (
                            <Swatch key={part.paint} hex={part.hex} />
                        ))}
                        {turn.mix.text}
                    </li>
                ))}
            </ol>
        </div>
    );
}
