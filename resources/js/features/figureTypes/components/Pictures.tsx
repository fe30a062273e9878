import type { ApiError, Schemas } from '@api';
import { ErrorNote } from '@shared/ErrorNote';
import { useLater } from '@shared/useLater';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { type AreaDraft, sent, type TypeDraft } from '../draft';
import { hasAny, sentMaps, type SideDraft } from '../map/draftMaps';
import { Maps } from '../map/Maps';
import { Measured } from '../map/Measured';
import { measurementOptions } from '../queries';

interface Props {
    stored: Schemas['FigureTypeDraft'] | null;
    draft: TypeDraft;
    /** What is said of the areas, once nobody has changed it for a moment. */
    taken: readonly AreaDraft[];
    mayChange: boolean;
    onMaps: (maps: SideDraft[]) => void;
    onTake: (areas: AreaDraft[]) => void;
}

/** What is wrong with areas stands at them already. */
function isOfMaps(error: ApiError | null): boolean {
    return error !== null && error.all().some(({ path }) => path.startsWith('/maps'));
}

/** The figure from its sides, and what is measured there. */
export function Pictures({ stored, draft, taken, mayChange, onMaps, onTake }: Props) {
    const later = useLater(draft.maps);
    const maps = useMemo(() => (hasAny(later) ? sentMaps(later, taken) : []), [later, taken]);
    const measurement = useQuery(measurementOptions(sent(taken), maps));
    return (
        <>
            <h2>The figure as pictures</h2>
            <p className="figure-type-say">
                Lay out its areas on a photograph or a drawing of each side, and the shares, the sides and what touches what are
                measured. At the bench and in a check the figure is then shown, and a flaw is placed by pointing at it.
            </p>
            <Maps id={stored?.id ?? null} maps={draft.maps} areas={draft.areas} mayChange={mayChange} onChange={onMaps} />
            {maps.length > 0 && isOfMaps(measurement.error) && <ErrorNote error={measurement.error} />}
            {maps.length > 0 && measurement.data !== undefined && (
                <Measured measurement={measurement.data} areas={draft.areas} onTake={onTake} />
            )}
        </>
    );
}
