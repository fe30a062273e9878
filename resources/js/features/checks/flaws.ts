export type FlawName = 'patch' | 'overspill' | 'stray-dot' | 'wide-line' | 'broken';

const NAMES: Record<FlawName, string> = {
    patch: 'Missed patch',
    overspill: 'Overspill',
    'stray-dot': 'Stray dot',
    'wide-line': 'Line too wide',
    broken: 'Broken or loose part',
};

export const FLAWS = Object.keys(NAMES) as FlawName[];

/** What a fault is called: a flaw by its kind, else by what was said of its criterion. */
export function faultName(fault: { flaw: string | null; kind: string }): string {
    if (fault.flaw !== null) {
        return NAMES[fault.flaw as FlawName];
    }
    return fault.kind === 'missing' ? 'Not done' : fault.kind === 'sent-back' ? 'Sent back by the lead' : 'Does not hold';
}

export function flawName(flaw: FlawName): string {
    return NAMES[flaw];
}
