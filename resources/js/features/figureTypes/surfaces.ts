/** A surface of the standard, as an area can be of it. */
export interface TypeSurface {
    key: string;
    name: string;
    /** Names of places that the standard says of it. */
    places: readonly string[];
}
