import type { Schemas } from '@api';
import { Swatch } from '@shared/Swatch';

/** A mix in one line: its paints as swatches, and its words. */
export function MixShown({ mix, numbered = false }: { mix: Schemas['StepMix']; numbered?: boolean }) {
    return (
        <span className="step-mix">
            {mix.parts.map((part) => (
                <Swatch key={part.paint} hex={part.hex} />
            ))}
            {numbered && `${mix.step}: `}
            {mix.text}
        </span>
    );
}
