import { render } from '@testing/render';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { AgreeForm } from './AgreeForm';

describe('Something agreed', () => {
    beforeEach(() => sessionStorage.clear());

    function form(onAgree = vi.fn(() => Promise.resolve()), alone = false) {
        const onClose = vi.fn();
        return {
            onAgree,
            onClose,
            ...render(<AgreeForm about="hem of the coat" deed="Agree" alone={alone} onAgree={onAgree} onClose={onClose} />),
        };
    }

    it('says with whom and why, and asks for both', async () => {
        const { onAgree, onClose } = form();
        await userEvent.type(screen.getByLabelText('Why'), 'too late to strip');
        await userEvent.click(screen.getByRole('button', { name: 'Agree' }));
        expect((await screen.findByRole('alert')).textContent).toContain('Say who agreed and why');
        expect(onAgree).not.toHaveBeenCalled();

        await userEvent.type(screen.getByLabelText('Agreed with'), 'the harbour office');
        await userEvent.click(screen.getByRole('button', { name: 'Agree' }));
        expect(onAgree).toHaveBeenCalledExactlyOnceWith('too late to strip', 'the harbour office', null);
        await vi.waitFor(() => expect(onClose).toHaveBeenCalledOnce());
    });

    it('may be decided alone where that is allowed, but never without a reason', async () => {
        const { onAgree } = form(undefined, true);
        await userEvent.click(screen.getByRole('button', { name: 'Agree' }));
        expect(onAgree).not.toHaveBeenCalled();
        await userEvent.type(screen.getByLabelText('Why'), 'kept clean for the decals');
        await userEvent.click(screen.getByRole('button', { name: 'Agree' }));
        expect(onAgree).toHaveBeenCalledExactlyOnceWith('kept clean for the decals', '', null);
    });

    it('is found as it was left, also after it was refused, and is empty once it is agreed', async () => {
        const refused = form(vi.fn(() => Promise.reject(new Error('no'))));
        await userEvent.type(screen.getByLabelText('Agreed with'), 'the client');
        await userEvent.type(screen.getByLabelText('Why'), 'in shade');
        await userEvent.click(screen.getByRole('button', { name: 'Agree' }));
        expect(refused.onClose).not.toHaveBeenCalled();
        refused.unmount();

        const again = form();
        expect(screen.getByLabelText('Agreed with')).toHaveProperty('value', 'the client');
        expect(screen.getByLabelText('Why')).toHaveProperty('value', 'in shade');
        await userEvent.click(screen.getByRole('button', { name: 'Agree' }));
        await vi.waitFor(() => expect(again.onClose).toHaveBeenCalledOnce());
        again.unmount();

        form();
        expect(screen.getByLabelText('Why')).toHaveProperty('value', '');
    });
});
