import type { Schemas } from '@api';
import { mapsOf, type SideDraft } from './map/draftMaps';

type Said = Schemas['TypeAreaDraft'];
type Read = Schemas['ReadArea'];
export type Weight = NonNullable<Said['weight']>;
export type Side = NonNullable<Said['sides']>[number];

/** An area while it is taken down. Its row stays the same whatever it is called. */
export interface AreaDraft {
    row: number;
    name: string;
    surface: string;
    weight: Weight | null;
    share: number | null;
    focal: boolean;
    part: string;
    depth: number | null;
    sides: Side[] | null;
    on: string | null;
    neighbours: string[];
    /** As it is typed: `2 eye, 1 buckle`. */
    pieces: string;
    /** Names of places on it. */
    places: string[];
    /** Whether nobody is sure what it is: its surface is a guess. */
    unsure: boolean;
}

export interface TypeDraft {
    name: string;
    size_class: Schemas['FigureTypeDraft']['size_class'];
    difficulty: Schemas['FigureTypeDraft']['difficulty'];
    areas: AreaDraft[];
    /** Its sides as they are laid out, by the rows of the areas. */
    maps: SideDraft[];
}

export const EMPTY: TypeDraft = { name: '', size_class: 'foot', difficulty: 'usual', areas: [], maps: [] };

export function blankArea(areas: readonly AreaDraft[], surface = ''): AreaDraft {
    return {
        row: Math.max(0, ...areas.map((area) => area.row)) + 1,
        name: '',
        surface,
        weight: 'medium',
        share: null,
        focal: false,
        part: '',
        depth: null,
        sides: null,
        on: null,
        neighbours: [],
        pieces: '',
        places: [],
        unsure: false,
    };
}

export function draftOf(type: Schemas['FigureTypeDraft'], maps: readonly Schemas['TypeMap'][]): TypeDraft {
    const areas = type.areas.map((area, at) => ({
        ...area,
        row: at + 1,
        share: area.weight === null ? area.share : null,
        pieces: inWords(area.features),
    }));
    return { name: type.name, size_class: type.size_class, difficulty: type.difficulty, areas, maps: mapsOf(maps, areas) };
}

/** What a list says takes the place of the rows of the same name; others stay. */
export function withRead(areas: readonly AreaDraft[], read: readonly Read[]): AreaDraft[] {
    const names = new Set(read.map((area) => area.name));
    const stay = areas.filter((area) => area.name !== '' && !names.has(area.name));
    return read.reduce<AreaDraft[]>(
        (all, { features, ...area }) => [...all, { ...blankArea(all), ...area, pieces: inWords(features) }],
        [...stay],
    );
}

/** A row in another way; what names it follows its name. */
export function changed(areas: readonly AreaDraft[], row: number, change: Partial<AreaDraft>): AreaDraft[] {
    const was = areas.find((area) => area.row === row)?.name ?? '';
    const is = change.name;
    const named = (name: string) => (name === was ? (is ?? name) : name);
    return areas.map((area) => {
        if (area.row === row) {
            return { ...area, ...change };
        }
        const follows = is !== undefined && was !== '' && (area.on === was || area.neighbours.includes(was));
        return follows ? { ...area, on: area.on === null ? null : named(area.on), neighbours: area.neighbours.map(named) } : area;
    });
}

/** Without a row, and without what named it. */
export function without(areas: readonly AreaDraft[], row: number): AreaDraft[] {
    const gone = areas.find((area) => area.row === row)?.name ?? '';
    return areas
        .filter((area) => area.row !== row)
        .map((area) => ({
            ...area,
            on: area.on === gone ? null : area.on,
            neighbours: area.neighbours.filter((name) => name !== gone),
        }));
}

export function touch(one: AreaDraft, other: AreaDraft): boolean {
    return (
        one.neighbours.includes(other.name) ||
        other.neighbours.includes(one.name) ||
        one.on === other.name ||
        other.on === one.name
    );
}

/** Two areas that border on each other, or no longer do; it is kept at the first of them. */
export function bordering(areas: readonly AreaDraft[], one: string, other: string, border: boolean): AreaDraft[] {
    return areas.map((area) => {
        if (area.name !== one && area.name !== other) {
            return area;
        }
        const left = area.neighbours.filter((name) => name !== one && name !== other);
        return { ...area, neighbours: border && area.name === one ? [...left, other] : left };
    });
}

interface Pieces {
    features: { feature: string; pieces: number }[];
    unreadable: string | null;
}

/** `2 eye, 1 buckle`: how many, and of what. */
export function piecesOf(text: string): Pieces {
    const features: Pieces['features'] = [];
    for (const one of text
        .split(',')
        .map((part) => part.trim())
        .filter((part) => part !== '')) {
        const read = /^(\d{1,3})\s+(.+)$/.exec(one);
        if (read === null || Number(read[1]) === 0) {
            return { features, unreadable: `“${one}” cannot be read; write how many and of what: 2 eye, 1 buckle.` };
        }
        features.push({ feature: read[2] ?? '', pieces: Number(read[1]) });
    }
    return { features, unreadable: null };
}

export function inWords(features: readonly { feature: string; pieces: number }[]): string {
    return features.map(({ feature, pieces }) => `${String(pieces)} ${feature}`).join(', ');
}

/** The areas as they are sent. */
export function sent(areas: readonly AreaDraft[]) {
    return areas.map(({ name, surface, weight, share, focal, part, depth, sides, on, neighbours, pieces, places, unsure }) => ({
        name,
        surface,
        weight,
        share,
        focal,
        part,
        depth,
        sides,
        on,
        neighbours,
        features: piecesOf(pieces).features,
        places,
        unsure,
    }));
}

/** The areas of which enough is said for something to follow from them, and what they say of each other. */
export function said(areas: readonly AreaDraft[]): AreaDraft[] {
    const enough = areas.filter(
        (area) => area.name.trim() !== '' && area.surface !== '' && (area.weight !== null || area.share !== null),
    );
    const names = new Set(enough.map((area) => area.name));
    return enough.map((area) => ({
        ...area,
        on: area.on !== null && names.has(area.on) ? area.on : null,
        neighbours: area.neighbours.filter((name) => names.has(name)),
    }));
}
