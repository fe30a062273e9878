/** Parts of the width and of the height of a picture. */
export interface Point {
    x: number;
    y: number;
}

const STEP = 0.01;

const MOVES: Record<string, Point> = {
    ArrowLeft: { x: -STEP, y: 0 },
    ArrowRight: { x: STEP, y: 0 },
    ArrowUp: { x: 0, y: -STEP },
    ArrowDown: { x: 0, y: STEP },
};

/** On the picture: what lies beside it is taken to its border. */
export function onPicture({ x, y }: Point): Point {
    const within = (value: number) => Math.min(1, Math.max(0, value));
    return { x: within(x), y: within(y) };
}

/** Where an arrow key moves a place; null: the key is none. */
export function movedBy(key: string, { x, y }: Point, steps = 1): Point | null {
    const move = MOVES[key];
    return move === undefined ? null : onPicture({ x: x + move.x * steps, y: y + move.y * steps });
}
