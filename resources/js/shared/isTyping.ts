/** Whether what happens there belongs to a field, a menu or a dialog, and to no key of a place. */
export function isTyping(target: EventTarget | null): boolean {
    return (
        target instanceof HTMLElement &&
        target.closest('input, textarea, select, [contenteditable], [role="dialog"], [role="combobox"]') !== null
    );
}
