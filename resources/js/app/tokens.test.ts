import { describe, expect, it } from 'vitest';
import { theme } from './theme';
import { token } from './tokens';

describe('tokens of the styles', () => {
    it('are read by the theme of the component library', () => {
        expect(theme.token?.colorTextBase).toBe(token('ink'));
        expect(theme.token?.fontSize).toBe(14);
        expect(token('neutral')).toMatch(/^#[0-9a-f]{6}$/);
    });

    it('are missed by their name', () => {
        expect(() => token('pink')).toThrow('no token "pink"');
    });
});
