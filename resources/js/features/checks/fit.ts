/** Breaks a name into lines that fit a tile; what does not fit is shortened and stands in full in the list. */
export function fit(name: string, width: number, lines: number): string[] {
    const letters = Math.max(Math.floor(width / 5.7), 1);
    const fitted: string[] = [];
    for (const word of name.split(' ')) {
        const last = fitted[fitted.length - 1];
        if (last !== undefined && `${last} ${word}`.length <= letters) {
            fitted[fitted.length - 1] = `${last} ${word}`;
        } else {
            fitted.push(word);
        }
    }
    const shown = fitted.slice(0, Math.max(lines, 1));
    return shown.map((line, i) => {
        const more = i === shown.length - 1 && shown.length < fitted.length;
        return line.length + Number(more) > letters ? `${line.slice(0, Math.max(letters - 1, 1))}…` : more ? `${line}…` : line;
    });
}
