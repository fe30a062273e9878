import type { Schemas } from '@api';

/** A surface of the standard, as an area can be of it. */
export type TypeSurface = Pick<Schemas['SheetSurface'], 'key' | 'name' | 'places'>;
