import type { Corner, Raster } from './raster';
import { labelAt } from './raster';

/** Red, green, blue and how much of it: what lies over the picture is grey, for the colours are the figure's. */
const CHOSEN = [0, 0, 0, 120] as const;
const OTHER = [255, 255, 255, 70] as const;
const LINE = [0, 0, 0, 230] as const;

/** What is laid out, place by place, to lie over the picture. */
function overlay(raster: Raster, chosen: number): ImageData {
    const { width, height, labels } = raster;
    const pixels = new ImageData(width, height);
    labels.forEach((label, at) => {
        const [x, y] = [at % width, Math.floor(at / width)];
        const isLine = label !== labelAt(raster, x - 1, y) || label !== labelAt(raster, x, y - 1);
        if (label !== 0 || isLine) {
            pixels.data.set(isLine ? LINE : label === chosen ? CHOSEN : OTHER, 4 * at);
        }
    });
    return pixels;
}

/** A place well inside of each area, by number: the middle of its longest stretch of a row. */
export function middles({ width, labels }: Raster): ReadonlyMap<number, Corner> {
    const longest = new Map<number, Corner & { length: number }>();
    for (let at = 0; at < labels.length;) {
        const label = labels[at] ?? 0;
        const rowEnd = at - (at % width) + width;
        let end = at + 1;
        while (end < rowEnd && labels[end] === label) {
            end++;
        }
        const length = end - at;
        if (label !== 0 && length > (longest.get(label)?.length ?? 0)) {
            longest.set(label, { x: (at % width) + length / 2, y: Math.floor(at / width) + 0.5, length });
        }
        at = end;
    }
    return longest;
}

export interface Scene {
    image: HTMLImageElement | null;
    raster: Raster;
    /** The number of the area that is chosen. */
    chosen: number;
    names: readonly { at: Corner; name: string }[];
    pieces: readonly Corner[];
    points: readonly Corner[];
    cursor: Corner | null;
}

/** Draws a scene of places on a canvas, each place `scale` of its pixels wide. */
export function paint(canvas: HTMLCanvasElement, scene: Scene, scale: number): void {
    const context = canvas.getContext('2d');
    if (context === null) {
        return;
    }
    context.setTransform(1, 0, 0, 1, 0, 0);
    context.fillStyle = '#9e9e9e';
    context.fillRect(0, 0, canvas.width, canvas.height);
    if (scene.image !== null) {
        context.drawImage(scene.image, 0, 0, canvas.width, canvas.height);
    }
    const layer = document.createElement('canvas');
    layer.width = scene.raster.width;
    layer.height = scene.raster.height;
    layer.getContext('2d')?.putImageData(overlay(scene.raster, scene.chosen), 0, 0);
    context.imageSmoothingEnabled = false;
    context.drawImage(layer, 0, 0, canvas.width, canvas.height);
    context.setTransform(scale, 0, 0, scale, 0, 0);
    drawNames(context, scene, scale);
    drawPoints(context, scene, scale);
}

function drawNames(context: CanvasRenderingContext2D, { names, pieces }: Scene, scale: number): void {
    context.font = `600 ${13 / scale}px 'Archivo Variable', sans-serif`;
    context.textAlign = 'center';
    context.textBaseline = 'middle';
    for (const { at, name } of names) {
        twice(context, 3 / scale, () => context.strokeText(name, at.x, at.y), false);
        context.fillStyle = '#141414';
        context.fillText(name, at.x, at.y);
    }
    for (const at of pieces) {
        twice(context, 2 / scale, () => {
            context.beginPath();
            context.arc(at.x, at.y, 4 / scale, 0, 2 * Math.PI);
            context.stroke();
        });
    }
}

function drawPoints(context: CanvasRenderingContext2D, { points, cursor }: Scene, scale: number): void {
    const [first] = points;
    if (first !== undefined) {
        twice(context, 1.5 / scale, () => {
            context.beginPath();
            points.forEach((at, i) => (i === 0 ? context.moveTo(at.x, at.y) : context.lineTo(at.x, at.y)));
            context.stroke();
            for (const at of points) {
                context.strokeRect(at.x - 2 / scale, at.y - 2 / scale, 4 / scale, 4 / scale);
            }
        });
    }
    if (cursor !== null) {
        const arm = 9 / scale;
        twice(context, 1.5 / scale, () => {
            context.beginPath();
            context.moveTo(cursor.x - arm, cursor.y);
            context.lineTo(cursor.x + arm, cursor.y);
            context.moveTo(cursor.x, cursor.y - arm);
            context.lineTo(cursor.x, cursor.y + arm);
            context.stroke();
        });
    }
}

/** Black on white, so that it is seen on any colour. */
function twice(context: CanvasRenderingContext2D, width: number, draw: () => void, isLine = true): void {
    context.lineWidth = isLine ? 2.4 * width : width;
    context.strokeStyle = '#ffffff';
    draw();
    if (isLine) {
        context.lineWidth = width;
        context.strokeStyle = '#141414';
        draw();
    }
}
