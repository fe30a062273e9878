import { answering, refusal } from '@testing/api';
import { render } from '@testing/render';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { ProposeChange } from './ProposeChange';

const propose = <ProposeChange job={7} tier="guard" surface="cloth" use="layer" about="Layer, Cloth at Guard" />;

async function opened() {
    await userEvent.click(screen.getByRole('button', { name: 'Propose a change of the standard' }));
    return screen.findByLabelText('What should be otherwise, and why');
}

describe('a proposed change of the standard', () => {
    it('is sent with the place it speaks of, and not before something is said', async () => {
        const sent = answering(() => [201, { proposals: [] }]);
        render(propose);
        const text = await opened();
        const send = screen.getByRole('button', { name: 'Send it to the lead' });
        expect((send as HTMLButtonElement).disabled).toBe(true);
        await userEvent.type(text, 'Two steps are enough.');
        await userEvent.click(send);
        await waitFor(() => expect(sent).toHaveLength(1));
        expect(sent[0]).toMatchObject({
            path: '/api/jobs/7/proposals',
            body: { tier: 'guard', surface: 'cloth', use: 'layer', text: 'Two steps are enough.' },
        });
    });

    it('keeps what was typed when it is refused, and says why', async () => {
        answering(() => [422, refusal('unknown-surface', 'The standard of this job has no surface "cloth".', '/surface')]);
        render(propose);
        const text = await opened();
        await userEvent.type(text, 'Two steps are enough.');
        await userEvent.click(screen.getByRole('button', { name: 'Send it to the lead' }));
        expect(await screen.findByText(/has no surface "cloth"/)).toBeTruthy();
        expect(text).toHaveProperty('value', 'Two steps are enough.');
    });
});
