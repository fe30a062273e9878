import type { Schemas } from '@api';
import { openOn } from './marking';
import type { Row } from './rows';
import { type Marking, useBench, useMarking } from './useBench';

type Word = Omit<Marking, 'step' | 'figures'>;

/** Marks on all places of a step, one after the other: what was said of a place before stands. */
export function useRowMarks(sheet: Schemas['BenchSheet'], places: Row['places']) {
    const bench = useBench(sheet.job.id, sheet.key);
    const marking = useMarking(sheet.job.id, sheet.key, places);
    const say = (word: Word, figures: readonly Schemas['SheetFigure'][], onStored: () => void) => {
        const deeds = places
            .map((step) => ({ step, figures: openOn(step, figures).map((figure) => figure.id) }))
            .filter((deed) => deed.figures.length > 0);
        deeds.forEach((deed, at) => bench.mark({ ...deed, ...word }, at === deeds.length - 1 ? onStored : undefined));
    };
    const takeBack = (figure: Schemas['SheetFigure']) =>
        places.forEach((step) => bench.mark({ step, figures: [figure.id], state: 'taken-back' }));
    return { say, takeBack, marking };
}
