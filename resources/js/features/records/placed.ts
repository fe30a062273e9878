import type { Schemas } from '@api';

type Fault = Schemas['RecordFault'];

/** The faults that stood and were pointed at, check by check. */
export function placedFaults(record: Schemas['Record']): Fault[] {
    return record.rounds.flatMap((round) => round.faults.filter((fault) => fault.stands && fault.place !== null));
}

/** What they are called on the pictures and in the list. */
export function numbersOf(record: Schemas['Record']): ReadonlyMap<Fault, number> {
    return new Map(placedFaults(record).map((fault, i) => [fault, i + 1]));
}
