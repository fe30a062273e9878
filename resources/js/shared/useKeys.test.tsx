import { render } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useLayoutEffect } from 'react';
import { describe, expect, it, vi } from 'vitest';
import { useKeys } from './useKeys';

function Place({ deed, enabled = true }: { deed: () => void; enabled?: boolean }) {
    useKeys({ p: { does: 'passes', deed } }, enabled);
    return (
        <>
            <input aria-label="field" />
            <button type="button">button</button>
            <div role="dialog">
                <button type="button">in a dialog</button>
            </div>
        </>
    );
}

function Pressed({ deed }: { deed: () => void }) {
    useKeys({ p: { does: 'passes', deed } }, true);
    useLayoutEffect(() => {
        window.dispatchEvent(new KeyboardEvent('keydown', { key: 'p' }));
    });
    return null;
}

describe('single keys', () => {
    it('mean what is shown, in the very moment in which it is shown', () => {
        const [before, now] = [vi.fn(), vi.fn()];
        const { rerender } = render(<Pressed deed={before} />);
        before.mockClear();
        rerender(<Pressed deed={now} />);

        expect(before).not.toHaveBeenCalled();
        expect(now).toHaveBeenCalledOnce();
    });

    it('work when nothing is being typed, in either case', async () => {
        const deed = vi.fn();
        render(<Place deed={deed} />);
        await userEvent.keyboard('pP');
        expect(deed).toHaveBeenCalledTimes(2);
    });

    it('stay letters in a field and in a dialog', async () => {
        const deed = vi.fn();
        const { getByLabelText, getByText } = render(<Place deed={deed} />);
        await userEvent.type(getByLabelText('field'), 'ppp');
        getByText('in a dialog').focus();
        await userEvent.keyboard('p');
        expect(deed).not.toHaveBeenCalled();
    });

    it('leave key combinations to the browser', async () => {
        const deed = vi.fn();
        render(<Place deed={deed} />);
        await userEvent.keyboard('{Control>}p{/Control}{Alt>}p{/Alt}{Meta>}p{/Meta}');
        expect(deed).not.toHaveBeenCalled();
    });

    it('can be turned off', async () => {
        const deed = vi.fn();
        render(<Place deed={deed} enabled={false} />);
        await userEvent.keyboard('p');
        expect(deed).not.toHaveBeenCalled();
    });
});
