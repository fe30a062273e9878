import type { Point } from '@shared/pointing';

/** A part of a picture, in places of it. */
export interface View {
    left: number;
    top: number;
    width: number;
    height: number;
}

/** Of the picture's height: nearer, the lines of the figure say nothing any more. */
const LEAST = 0.2;

/** Room round the outermost of what is shown, in parts of the view. */
const ROOM = 1.7;

/** A view is as high as this times its width. */
const UPRIGHT = 1.5;

/** The part of a picture that shows some of its points near by, in its middle. */
export function viewRound(picture: { width: number; height: number }, marks: readonly { at: Point }[]): View {
    const across = marks.map(({ at }) => at.x * picture.width);
    const down = marks.map(({ at }) => at.y * picture.height);
    const [left, right, top, bottom] = [Math.min(...across), Math.max(...across), Math.min(...down), Math.max(...down)];
    const height = Math.max(LEAST * picture.height, ROOM * (bottom - top), ROOM * UPRIGHT * (right - left));
    const width = height / UPRIGHT;
    return { left: (left + right - width) / 2, top: (top + bottom - height) / 2, width, height };
}
