import type { Find } from './finds';

/** What can be pressed on a page, and who is asked to leave. */
const PRESSED = '#place :is(button, a[href]), .rail-who button';

/** How long a page is waited for on which something is pressed, in milliseconds. */
const WAIT = 10_000;

function nameOf(element: Element): string {
    const label = element.getAttribute('aria-label');
    if (label !== null) {
        return label.trim();
    }
    // The key that does it stands beside its name and is none of it.
    const copy = element.cloneNode(true);
    if (copy instanceof Element) {
        copy.querySelectorAll('kbd, [aria-hidden="true"]').forEach((mark) => mark.remove());
    }
    return (copy.textContent ?? '').replace(/\s+/g, ' ').trim();
}

function pressable(): HTMLElement[] {
    return [...document.querySelectorAll<HTMLElement>(PRESSED)].filter(
        (element) => !element.matches(':disabled, [aria-disabled="true"]') && element.closest('[inert], [hidden]') === null,
    );
}

/** What the page offers now, by its name; what has a name that several have is told apart nowhere, and left out. */
export function deedsHere(): Find[] {
    const named = pressable()
        .map((element) => ({ element, name: nameOf(element) }))
        .filter(({ name }) => name.length > 1);
    return named
        .filter(({ name }) => named.filter((other) => other.name === name).length === 1)
        .map(({ element, name }) => ({ name, detail: 'here', run: () => press(element) }));
}

function press(element: HTMLElement): void {
    element.focus();
    element.click();
}

/** Presses what has this name as soon as the page shows it. */
export function pressWhenThere(name: string): void {
    const there = () => {
        const found = pressable().find((element) => nameOf(element) === name);
        if (found !== undefined) {
            press(found);
        }
        return found !== undefined;
    };
    if (there()) {
        return;
    }
    const watch = new MutationObserver(() => {
        if (there()) {
            watch.disconnect();
        }
    });
    watch.observe(document.body, { childList: true, subtree: true, attributes: true });
    window.setTimeout(() => watch.disconnect(), WAIT);
}
