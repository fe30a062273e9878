import type { Schemas } from '@api';
import { type AreaDraft, bordering, inWords, piecesOf, touch } from './draft';

type Measurement = Schemas['Measurement'];

/** Shares as they are measured, in the place of what was said of them. */
export function withShares(areas: readonly AreaDraft[], { areas: measured }: Measurement): AreaDraft[] {
    return areas.map((area) => {
        const share = measured.find((one) => one.name === area.name)?.share;
        return share === undefined || share <= 0 ? area : { ...area, share, weight: null };
    });
}

export function withSides(areas: readonly AreaDraft[], { areas: measured }: Measurement): AreaDraft[] {
    return areas.map((area) => ({ ...area, sides: measured.find((one) => one.name === area.name)?.sides ?? area.sides }));
}

/** Borders of the picture that nobody has said yet. */
export function newBorders(areas: readonly AreaDraft[], { borders }: Measurement): Measurement['borders'] {
    const of = new Map(areas.map((area) => [area.name, area]));
    return borders.filter(({ area, other }) => {
        const [one, another] = [of.get(area), of.get(other)];
        return one !== undefined && another !== undefined && !touch(one, another);
    });
}

export function withBorders(areas: readonly AreaDraft[], measurement: Measurement): AreaDraft[] {
    return newBorders(areas, measurement).reduce((all, { area, other }) => bordering(all, area, other, true), [...areas]);
}

/** At least as many pieces as are placed on one side. */
export function withPieces(areas: readonly AreaDraft[], { areas: measured }: Measurement): AreaDraft[] {
    return areas.map((area) => {
        const placed = measured.find((one) => one.name === area.name)?.pieces ?? [];
        const { features, unreadable } = piecesOf(area.pieces);
        const more = placed.filter(
            ({ feature, pieces }) => pieces > (features.find((one) => one.feature === feature)?.pieces ?? 0),
        );
        if (unreadable !== null || more.length === 0) {
            return area;
        }
        const all = [...features.filter((one) => more.every((other) => other.feature !== one.feature)), ...more];
        return { ...area, pieces: inWords(all) };
    });
}
