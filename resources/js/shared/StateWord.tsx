const WORDS: Record<string, string> = {
    'to-paint': 'to paint',
    painting: 'painting',
    'to-check': 'to check',
    refused: 'sent back',
    mended: 'mended',
    signed: 'signed off',
};

export function StateWord({ state }: { state: string }) {
    return <span className={`state state-${state}`}>{WORDS[state] ?? state}</span>;
}
