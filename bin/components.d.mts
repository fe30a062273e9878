export const USED: Readonly<Record<string, readonly string[]>>;
export function componentsUsed(css: string): string;
