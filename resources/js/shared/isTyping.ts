/** Whether what happens there belongs to a field, a menu, a dialog or a panel that lies over it, and to no key of a place. */
export function isTyping(target: EventTarget | null): boolean {
    return (
        target instanceof HTMLElement &&
        target.closest('input, textarea, select, [contenteditable], [role="dialog"], [role="combobox"], .side-over') !== null
    );
}
