import { ApiError } from '@api';
import { ErrorNote } from '@shared/ErrorNote';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { repairOptions } from '../queries';
import { RepairShown } from './RepairShown';

/** What is laid again to mend a fault: from the layer that it lies in. */
export function Repair({ fault, about }: { fault: number; about: string }) {
    const [layer, setLayer] = useState<string | null>(null);
    const [share, setShare] = useState<number | null>(null);
    const repair = useQuery({ ...repairOptions(fault, layer, share), placeholderData: keepPreviousData });
    if (repair.data === undefined) {
        // Where nothing is painted, nothing is laid again: there is no more to say.
        return repair.error instanceof ApiError && repair.error.code === 'no-layers' ? null : <ErrorNote error={repair.error} />;
    }
    return <RepairShown repair={repair.data} about={about} onLayer={setLayer} onShare={setShare} />;
}
