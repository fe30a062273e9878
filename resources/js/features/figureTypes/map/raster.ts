/** A picture in which each place holds the number of an area; 0 where there is none. */
export interface Raster {
    width: number;
    height: number;
    labels: Uint8Array;
}

/** A corner between places: from the left and from above. */
export interface Corner {
    x: number;
    y: number;
}

/** Slivers of so many places between two outlines are filled up: nobody means them. */
const SLIVER = 3;

export function blank(width: number, height: number): Raster {
    return { width, height, labels: new Uint8Array(width * height) };
}

/** Runs of places row by row: the number of an area and how many. */
export function fromRuns(width: number, height: number, runs: string): Raster {
    const raster = blank(width, height);
    const numbers = runs.split(' ').map(Number);
    let at = 0;
    for (let i = 0; i + 1 < numbers.length; i += 2) {
        const end = at + (numbers[i + 1] ?? 0);
        raster.labels.fill(numbers[i] ?? 0, at, end);
        at = end;
    }
    return raster;
}

export function toRuns({ labels }: Raster): string {
    const runs: number[] = [];
    for (let at = 0; at < labels.length;) {
        const label = labels[at] ?? 0;
        let end = at + 1;
        while (end < labels.length && labels[end] === label) {
            end++;
        }
        runs.push(label, end - at);
        at = end;
    }
    return runs.join(' ');
}

/** The number at a place; outside the picture nothing is laid out. */
export function labelAt({ width, height, labels }: Raster, x: number, y: number): number {
    return x < 0 || y < 0 || x >= width || y >= height ? 0 : (labels[y * width + x] ?? 0);
}

/** Which numbers are laid out at all. */
export function laidOut({ labels }: Raster): ReadonlySet<number> {
    const found = new Set(labels);
    found.delete(0);
    return found;
}

/** What lies within a line of corners, its first and last joined: those places whose middle is inside. */
export function within({ width, height }: Raster, corners: readonly Corner[]): Uint8Array {
    const inside = new Uint8Array(width * height);
    for (let y = 0; y < height; y++) {
        const crossings: number[] = [];
        corners.forEach((from, i) => {
            const to = corners[(i + 1) % corners.length] ?? from;
            const middle = y + 0.5;
            if (from.y <= middle !== to.y <= middle) {
                crossings.push(from.x + ((middle - from.y) / (to.y - from.y)) * (to.x - from.x));
            }
        });
        crossings.sort((a, b) => a - b);
        for (let i = 0; i + 1 < crossings.length; i += 2) {
            const left = Math.max(0, Math.ceil((crossings[i] ?? 0) - 0.5));
            const right = Math.min(width, Math.ceil((crossings[i + 1] ?? 0) - 0.5));
            inside.fill(1, y * width + left, y * width + Math.max(left, right));
        }
    }
    return inside;
}

/** An area laid out where the mask is; over another only when that is meant. Slivers towards neighbours are filled up. */
export function withArea(raster: Raster, mask: Uint8Array, label: number, over: boolean): Raster {
    const labels = raster.labels.map((was, at) => (mask[at] === 1 && (was === 0 || over) ? label : was));
    const laid = { ...raster, labels };
    return label === 0 ? laid : withoutSlivers(laid, label);
}

function withoutSlivers(raster: Raster, label: number): Raster {
    const { width, height } = raster;
    const labels = raster.labels.slice();
    const lines: [number, number, number][] = [
        ...Array.from({ length: height }, (_, y): [number, number, number] => [y * width, 1, width]),
        ...Array.from({ length: width }, (_, x): [number, number, number] => [x, width, height]),
    ];
    for (const [start, step, length] of lines) {
        let last = 0;
        let end = -1;
        for (let i = 0; i < length; i++) {
            const here = raster.labels[start + i * step] ?? 0;
            if (here === 0) {
                continue;
            }
            const gap = i - end - 1;
            if (gap > 0 && gap <= SLIVER && last !== 0 && (last === label || here === label)) {
                for (let fill = end + 1; fill < i; fill++) {
                    labels[start + fill * step] = label;
                }
            }
            [last, end] = [here, i];
        }
    }
    return { ...raster, labels };
}

/** The corner nearest to a place where two areas meet, within so many places; the place itself, rounded, where none is near. */
export function snapped(raster: Raster, at: Corner, reach: number): Corner {
    let best: Corner = { x: Math.round(at.x), y: Math.round(at.y) };
    let nearest = reach;
    for (let y = Math.ceil(at.y - reach); y <= at.y + reach; y++) {
        for (let x = Math.ceil(at.x - reach); x <= at.x + reach; x++) {
            const far = Math.hypot(x - at.x, y - at.y);
            if (far < nearest && isBorder(raster, x, y)) {
                [best, nearest] = [{ x, y }, far];
            }
        }
    }
    return best;
}

function isBorder(raster: Raster, x: number, y: number): boolean {
    const here = labelAt(raster, x, y);
    return here !== labelAt(raster, x - 1, y) || here !== labelAt(raster, x, y - 1) || here !== labelAt(raster, x - 1, y - 1);
}
