export interface Tile<T> {
    of: T;
    x: number;
    y: number;
    width: number;
    height: number;
}

interface Sized {
    share: number;
}

/**
 * Fills a field with tiles by share, the largest first, each row of tiles as near to squares as it gets:
 * the squarified treemap of Bruls, Huizing and van Wijk (2000). Small shares are raised to a least one, so
 * that a finger finds them.
 */
export function mosaic<T extends Sized>(areas: readonly T[], width: number, height: number, least = 0.035): Tile<T>[] {
    const raised = areas.map((area) => ({ of: area, weight: Math.max(area.share, least) }));
    const total = raised.reduce((sum, one) => sum + one.weight, 0);
    const field = width * height;
    const left = raised.map((one) => ({ of: one.of, area: (one.weight / total) * field })).toSorted((a, b) => b.area - a.area);
    const tiles: Tile<T>[] = [];
    let [x, y, w, h] = [0, 0, width, height];
    while (left.length > 0) {
        const side = Math.min(w, h);
        let row = left.slice(0, 1);
        while (row.length < left.length && worst([...row, ...left.slice(row.length, row.length + 1)], side) <= worst(row, side)) {
            row = left.slice(0, row.length + 1);
        }
        left.splice(0, row.length);
        const sum = row.reduce((all, one) => all + one.area, 0);
        const depth = sum / side;
        let at = 0;
        for (const one of row) {
            const length = one.area / depth;
            tiles.push(
                w >= h
                    ? { of: one.of, x, y: y + at, width: depth, height: length }
                    : { of: one.of, x: x + at, y, width: length, height: depth },
            );
            at += length;
        }
        [x, y, w, h] = w >= h ? [x + depth, y, w - depth, h] : [x, y + depth, w, h - depth];
    }
    return tiles;
}

function worst(row: readonly { area: number }[], side: number): number {
    const sum = row.reduce((all, one) => all + one.area, 0);
    return Math.max(
        ...row.map((one) => Math.max((side * side * one.area) / (sum * sum), (sum * sum) / (side * side * one.area))),
    );
}

/** Black or white, whichever is told apart better on a colour (relative luminance of WCAG 2.2). */
export function inkOn(hex: string): '#141414' | '#ffffff' {
    const [r = 0, g = 0, b = 0] = [1, 3, 5].map((at) => {
        const value = parseInt(hex.slice(at, at + 2), 16) / 255;
        return value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4;
    });
    const luminance = 0.2126 * r + 0.7152 * g + 0.0722 * b;
    return (luminance + 0.05) / 0.0557 > 1.05 / (luminance + 0.05) ? '#141414' : '#ffffff';
}
