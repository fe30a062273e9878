import type { Schemas } from '@api';

type Fault = Schemas['CheckFault'];
export type FlawName = NonNullable<Fault['flaw']>;

const NAMES: Record<FlawName, string> = {
    patch: 'Missed patch',
    overspill: 'Overspill',
    'stray-dot': 'Stray dot',
    'wide-line': 'Line too wide',
    broken: 'Broken or loose part',
};

export const FLAWS: readonly FlawName[] = ['patch', 'overspill', 'stray-dot', 'wide-line', 'broken'];

/** What a fault is called: a flaw by its kind, else by what was said of its criterion. */
export function faultName({ flaw, kind }: Pick<Fault, 'flaw' | 'kind'>): string {
    if (flaw !== null) {
        return NAMES[flaw];
    }
    return kind === 'missing' ? 'Not done' : kind === 'sent-back' ? 'Sent back by the lead' : 'Does not hold';
}

export function flawName(flaw: FlawName): string {
    return NAMES[flaw];
}
