import type { Schemas } from '@api';
import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { benchKeys } from './queries';

type WetFigure = Schemas['BenchStep']['wet'][number];

/** A minute in milliseconds. */
const MINUTE = 60_000;

/**
 * Figures on which a step would go onto what is wet, as long as it is. The studio says how long from now, so that a clock
 * of a tablet that goes wrong does no harm.
 */
export function useWet(sheet: Schemas['BenchSheet'], places: readonly Schemas['BenchStep'][]): WetFigure[] {
    const read = useQueryClient().getQueryState(benchKeys.sheet(sheet.job.id, sheet.key))?.dataUpdatedAt ?? 0;
    const [now, setNow] = useState(read);
    const wet = places.flatMap((step) => step.wet).filter((one) => now < read + one.minutes * MINUTE);
    const next = wet.length === 0 ? null : Math.min(...wet.map((one) => read + one.minutes * MINUTE));
    useEffect(() => {
        if (next === null) {
            return undefined;
        }
        const timer = setTimeout(() => setNow(Date.now()), Math.max(0, next - Date.now()) + 100);
        return () => clearTimeout(timer);
    }, [next]);
    return wet.filter((one, at) => wet.findIndex((other) => other.figure_id === one.figure_id) === at);
}
