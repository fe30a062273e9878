import { type Change, type Draft, freeId, piece, type TierDoc } from '../document';
import type { Panel } from '../panel';
import { AddNamed } from './AddNamed';

interface Props {
    draft: Draft;
    onChange: (changes: Change[]) => Promise<unknown>;
    open: (panel: Panel) => void;
}

/** A new tier above the others, a new surface below them. */
export function AddThings({ draft, onChange, open }: Props) {
    const { tiers, surfaces } = draft.document;
    return (
        <>
            <AddNamed
                label="Add a tier"
                onAdd={(name) => {
                    const id = freeId(
                        name,
                        tiers.map((one) => one.id),
                    );
                    return onChange([{ ...piece('tier', id), revision: 0, value: newTier(id, name, tiers) }]).then(() =>
                        open({ kind: 'tier', id }),
                    );
                }}
            />
            <AddNamed
                label="Add a surface"
                onAdd={(name) => {
                    const id = freeId(
                        name,
                        surfaces.map((one) => one.id),
                    );
                    return onChange([{ ...piece('surface', id), revision: 0, value: { id, name } }]).then(() =>
                        open({ kind: 'surface', id }),
                    );
                }}
            />
        </>
    );
}

/** Above the highest tier and judged as it is; the first one as figures in ranks are. */
function newTier(id: string, name: string, tiers: readonly TierDoc[]): TierDoc {
    const highest = [...tiers].sort((a, b) => b.rank - a.rank)[0];
    const like: Omit<TierDoc, 'id' | 'name' | 'rank'> = highest ?? {
        distance_mm: 900,
        notice_arcmin: 3,
        sides: ['front', 'left', 'back', 'right', 'above'],
        look_minutes: 1.5,
        limits: { critical: 0, major: 2, minor: 6 },
        colour_tolerance: 8,
        budget_minutes: 45,
        by_agreement: false,
        retired: false,
    };
    return { ...like, id, name, rank: (highest?.rank ?? 0) + 1, by_agreement: false, retired: false };
}
