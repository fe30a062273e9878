export const WEEK = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const;

/** Minutes after midnight as a clock has them. */
export function timeOf(begins: number): string {
    return `${String(Math.floor(begins / 60)).padStart(2, '0')}:${String(begins % 60).padStart(2, '0')}`;
}

export function minutesOf(time: string): number {
    return Number(time.slice(0, 2)) * 60 + Number(time.slice(3, 5));
}
