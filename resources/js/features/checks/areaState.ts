import type { Schemas } from '@api';

/** What an area is shown in where nothing was written down that it is painted with. */
export const UNKNOWN = '#b4b4b4';

/** Whether something of an area is wrong, or all of it is answered. */
export function stateOf(check: Schemas['Check'], name: string): '' | ' ×' | ' ✓' {
    const items = check.items.filter((item) => item.area === name);
    const wrong =
        items.some((item) => item.answer === 'does-not-hold' || item.answer === 'not-done') ||
        check.faults.some((fault) => fault.area === name && fault.severity !== 'none');
    return wrong ? ' ×' : items.length > 0 && items.every((item) => item.answer !== null) ? ' ✓' : '';
}
