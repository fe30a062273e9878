import { cleanup, configure } from '@testing-library/react';
import { afterEach, vi } from 'vitest';

// A busy machine is slow, not wrong.
configure({ asyncUtilTimeout: 10_000 });

afterEach(async () => {
    cleanup();
    // A panel that is taken away stores what was typed last: that goes to the answers of its own test, not of the next.
    await new Promise((done) => setTimeout(done));
    vi.unstubAllGlobals();
    globalThis.fetch = () => new Promise(() => undefined);
    sessionStorage.clear();
});

// What antd asks a browser for and the test environment has not. None of it is looked at by a test.
window.matchMedia = (media) =>
    ({
        media,
        matches: false,
        addEventListener: () => undefined,
        removeEventListener: () => undefined,
    }) as unknown as MediaQueryList;
window.ResizeObserver = class {
    observe = () => undefined;
    unobserve = () => undefined;
    disconnect = () => undefined;
};
window.scrollTo = () => undefined;
Element.prototype.scrollIntoView = () => undefined;

// The DOM of these tests draws nothing; what is drawn on a canvas is looked at in a browser.
HTMLCanvasElement.prototype.getContext = () => null;
