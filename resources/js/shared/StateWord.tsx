const WORDS: Record<string, string> = {
    'to-paint': 'to paint',
    painting: 'painting',
    'to-check': 'to check',
    refused: 'sent back',
    mended: 'mended',
    signed: 'signed off',
};

export function wordOf(state: string): string {
    return WORDS[state] ?? state;
}

export function StateWord({ state }: { state: string }) {
    return <span className={`state state-${state}`}>{wordOf(state)}</span>;
}
