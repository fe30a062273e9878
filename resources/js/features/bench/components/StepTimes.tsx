import type { Schemas } from '@api';
import { fewMinutes } from '@shared/format';

interface Props {
    step: Schemas['BenchStep'];
    /** What the places take together; the step itself where it has one. */
    takes: { minutes: number; minutes_to: number };
}

/** How long a step takes, how it dries and what it takes by the piece. */
export function StepTimes({ step, takes }: Props) {
    return (
        <p className="current-times">
            {takes.minutes > 0 && <span>{range(takes)} min a figure</span>}
            {step.dry > 0 && (
                <span>
                    dry after {step.dry} min{step.dry_times > 1 && `, ${step.dry_times} times`}
                </span>
            )}
            {step.wet_into !== '' && <span>at once, into the wet {step.wet_into.toLowerCase()}</span>}
            {step.wet_then !== '' && <span>then at once, while it is wet: {step.wet_then.toLowerCase()}</span>}
            {step.material !== null && <span>{materialOf(step.material, step.figures.length)}</span>}
            {step.messy && <span>messy</span>}
        </p>
    );
}

/** Minutes, and how many they may become where coats or steps may be more. */
function range(takes: Props['takes']): string {
    const [from, to] = [fewMinutes(takes.minutes), fewMinutes(takes.minutes_to)];
    return from === to ? from : `${from} to ${to}`;
}

/** What a step takes by the piece, for one figure and for all that have it. */
function materialOf(material: { name: string; pieces: number }, figures: number): string {
    const each = `${material.pieces} × ${material.name} a figure`;
    return figures > 1 ? `${each}, ${Math.ceil(material.pieces * figures)} for all` : each;
}
