import { type Raster } from './raster';

/** A picture as the browser decodes it: four bytes a place. */
export interface Photo {
    width: number;
    height: number;
    data: Uint8ClampedArray;
}

/** Over so much of the picture it is the ground round the figure that was filled. */
const MOST = 0.6;

/** What is enclosed and of less than this part of what is filled is of it too: an eye in a face, a button on a coat. */
const HOLE = 0.015;

/** Beside so many of its eight neighbours that are filled a place is filled too: specks are none. */
const BESIDE = 5;

/**
 * Fills from a place up to a clear edge: as long as the colour stays near that of the place and changes little from one
 * place to the next; never into another area. Without a picture it fills what others enclose.
 *
 * @param edge how clear an edge has to be to stop it, 1 to 100
 * @returns null where it would run out over most of the picture
 */
export function flooded(raster: Raster, photo: Photo | null, x: number, y: number, edge: number): Uint8Array | null {
    const { width, labels } = raster;
    const start = y * width + x;
    const mask = new Uint8Array(labels.length);
    if ((labels[start] ?? 0) !== 0) {
        return mask;
    }
    const near = (one: number, other: number, most: number) => photo === null || apart(photo, one, other) <= most;
    const open = [start];
    mask[start] = 1;
    let filled = 0;
    for (let at = open.pop(); at !== undefined; at = open.pop()) {
        filled++;
        for (const next of around(at, raster)) {
            if (mask[next] === 0 && labels[next] === 0 && near(next, start, 2 * edge) && near(next, at, edge)) {
                mask[next] = 1;
                open.push(next);
            }
        }
    }
    return filled > MOST * labels.length ? null : withoutHoles(smooth(mask, raster), raster, HOLE * filled);
}

function around(at: number, { width, labels }: Raster): number[] {
    const x = at % width;
    return [
        ...(x > 0 ? [at - 1] : []),
        ...(x < width - 1 ? [at + 1] : []),
        ...(at >= width ? [at - width] : []),
        ...(at + width < labels.length ? [at + width] : []),
    ];
}

function apart({ data }: Photo, one: number, other: number): number {
    const channel = (offset: number) => (data[4 * one + offset] ?? 0) - (data[4 * other + offset] ?? 0);
    return Math.hypot(channel(0), channel(1), channel(2));
}

function smooth(mask: Uint8Array, { width, labels }: Raster): Uint8Array {
    return mask.map((is, at) => {
        if (is === 1 || labels[at] !== 0) {
            return is;
        }
        const x = at % width;
        let beside = 0;
        for (const dy of [-width, 0, width]) {
            for (const dx of [-1, 0, 1]) {
                beside += x + dx >= 0 && x + dx < width ? (mask[at + dy + dx] ?? 0) : 0;
            }
        }
        return beside >= BESIDE ? 1 : 0;
    });
}

/** Fills what the mask alone encloses, up to a size. */
function withoutHoles(mask: Uint8Array, raster: Raster, most: number): Uint8Array {
    const { width, labels } = raster;
    const seen = mask.slice();
    for (let start = 0; start < mask.length; start++) {
        if (seen[start] === 1 || labels[start] !== 0) {
            continue;
        }
        const hole = [start];
        let isEnclosed = true;
        seen[start] = 1;
        for (let i = 0; i < hole.length; i++) {
            const at = hole[i] ?? start;
            const x = at % width;
            isEnclosed &&= x > 0 && x < width - 1 && at >= width && at + width < labels.length;
            for (const next of around(at, raster)) {
                isEnclosed &&= labels[next] === 0;
                if (seen[next] === 0 && labels[next] === 0) {
                    seen[next] = 1;
                    hole.push(next);
                }
            }
        }
        if (isEnclosed && hole.length <= most) {
            hole.forEach((at) => (mask[at] = 1));
        }
    }
    return mask;
}
