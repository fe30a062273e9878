import type { Schemas } from '@api';
import { count } from '@shared/format';

/** What is counted into a palette: "3 drops Oilskin Ochre, 1 drop water". */
export function dropsInWords({ drops }: Schemas['MixBatch']): string {
    return drops.map((drop) => `${count(drop.drops, 'drop')} ${drop.name}`).join(', ');
}
