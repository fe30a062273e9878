/** The six sides that a figure is turned through, in the order of a turn. */
export const SIDES = ['front', 'left', 'back', 'right', 'above', 'below'] as const;
