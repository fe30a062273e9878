import type { Schemas } from '@api';

type Mark = Schemas['PlateMark'];

function markOf(mark: Mark): string {
    const blur = mark.blur > 0 ? ` filter="url(#${blurId(mark)})"` : '';
    return `<path d="${mark.d}" fill="${mark.fill ?? 'none'}" stroke="${mark.stroke ?? 'none'}" stroke-width="${mark.width}" opacity="${mark.opacity}"${blur}/>`;
}

function blurId(mark: Mark): string {
    return `b${Math.round(mark.blur * 10)}`;
}

/** Blurs measured in the space of the drawing: a line straight up has no box of its own to measure by. */
function blursOf(marks: readonly Mark[]): string {
    const blurs = new Map(marks.filter((mark) => mark.blur > 0).map((mark) => [blurId(mark), Math.max(0.1, mark.blur)]));
    return [...blurs]
        .map(
            ([id, blur]) =>
                `<filter id="${id}" filterUnits="userSpaceOnUse" x="-10" y="-10" width="140" height="92"><feGaussianBlur stdDeviation="${blur}"/></filter>`,
        )
        .join('');
}

/**
 * The drawing of a proof plate as the address of a picture. A picture is drawn once and moved as one
 * thing, however many marks it has.
 */
export function plateSvg(plate: Schemas['OfferedDrawing']): string {
    const marks = plate.marks
        .map((mark) => (mark.outside ? markOf(mark) : `<g clip-path="url(#o)">${markOf(mark)}</g>`))
        .join('');
    const svg = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="-2 -2 124 76" width="248" height="152" stroke-linecap="round" stroke-linejoin="round"><defs><clipPath id="o"><path d="${plate.outline}"/></clipPath>${blursOf(plate.marks)}</defs>${marks}</svg>`;
    return `data:image/svg+xml,${encodeURIComponent(svg)}`;
}
