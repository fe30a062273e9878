/** What is left of a paint, in words; null: nobody has counted. */
export function left(ml: number | null): string {
    if (ml === null) {
        return 'not counted';
    }
    return ml === 0 ? 'none left' : `${ml} ml left`;
}
