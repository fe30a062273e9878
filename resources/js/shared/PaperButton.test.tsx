import { ApiError, type Schemas } from '@api';
import { answering, refusal } from '@testing/api';
import { render } from '@testing/render';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { PaperButton } from './PaperButton';
import { saveFile } from './saveFile';

vi.mock('./saveFile', () => ({ saveFile: vi.fn() }));

type Standing = Schemas['PaperStanding'];

function standing(over: Partial<Standing> = {}): Standing {
    return { id: 7, state: 'waiting', drawn: 0, of: 0, said: null, ...over };
}

function paper(ask: () => Promise<Standing>) {
    return render(<PaperButton label="PDF for a client" name="Harbour guard.pdf" ask={ask} />);
}

describe('A paper that takes some seconds', () => {
    beforeEach(() => vi.mocked(saveFile).mockClear());

    it('says how far it is and is saved when it is made', async () => {
        let now = standing();
        const asked = answering(({ path }) => [200, path.endsWith('/file') ? '%PDF-' : now]);
        paper(() => Promise.resolve(now));
        await userEvent.click(screen.getByRole('button'));

        await screen.findByText('Waiting for its turn');
        now = standing({ state: 'drawing', drawn: 4, of: 28 });
        await screen.findByText(/Plate 4 of 28/);
        expect(screen.getByRole('progressbar', { name: 'Plates drawn' }).getAttribute('value')).toBe('4');
        now = standing({ state: 'drawing', drawn: 28, of: 28 });
        await screen.findByText('Writing the PDF');
        expect(saveFile).not.toHaveBeenCalled();
        now = standing({ state: 'made', drawn: 28, of: 28 });

        await screen.findByText('Harbour guard.pdf is saved.');
        expect(saveFile).toHaveBeenCalledExactlyOnceWith(expect.objectContaining({ size: 7 }), 'Harbour guard.pdf');
        expect(screen.getByRole('button').textContent).toContain('PDF for a client');
        expect(asked.filter(({ path }) => path === '/api/papers/7/file')).toHaveLength(1);
    });

    it('says why it waits for long', async () => {
        const said = 'No worker has been seen for some minutes.';
        answering(() => [200, standing({ said })]);
        paper(() => Promise.resolve(standing()));
        await userEvent.click(screen.getByRole('button'));

        expect(await screen.findByText(said)).toBeTruthy();
        expect(screen.getByRole('button').textContent).toContain('Waiting for its turn');
    });

    it('is saved at once where it is made already', async () => {
        const asked = answering(() => [200, '%PDF-']);
        paper(() => Promise.resolve(standing({ state: 'made' })));
        await userEvent.click(screen.getByRole('button'));

        await screen.findByText('Harbour guard.pdf is saved.');
        expect(asked).toHaveLength(1);
    });

    it('is asked for once, however often it is pressed', async () => {
        const ask = vi.fn(() => new Promise<Standing>(() => undefined));
        paper(ask);
        await userEvent.click(screen.getByRole('button'));
        await userEvent.click(screen.getByRole('button'));

        expect(ask).toHaveBeenCalledOnce();
    });

    it('says why it cannot be made, at its place', async () => {
        paper(() => Promise.resolve(standing({ state: 'failed', said: 'What it is of was taken away meanwhile.' })));
        await userEvent.click(screen.getByRole('button'));

        expect((await screen.findByRole('alert')).textContent).toContain('What it is of was taken away meanwhile.');
        expect(saveFile).not.toHaveBeenCalled();
    });

    it('says what went wrong while it was waited for', async () => {
        answering(() => [404, refusal('not-found', 'It is not there any more.')]);
        paper(() => Promise.resolve(standing()));
        await userEvent.click(screen.getByRole('button'));

        expect((await screen.findByRole('alert')).textContent).toContain('It is not there any more.');
    });

    it('says what went wrong, at its place', async () => {
        paper(() => Promise.reject(new ApiError(0, 'unreachable', 'The studio cannot be reached.', '', [])));
        await userEvent.click(screen.getByRole('button'));

        expect((await screen.findByRole('alert')).textContent).toContain('The studio cannot be reached.');
        expect(saveFile).not.toHaveBeenCalled();
    });

    it('is waited for no more when its page is left', async () => {
        const asked = answering(() => [200, standing()]);
        const { unmount } = paper(() => Promise.resolve(standing()));
        await userEvent.click(screen.getByRole('button'));
        await screen.findByText('Waiting for its turn');
        unmount();
        const then = asked.length;
        await new Promise((resolve) => setTimeout(resolve, 900));

        expect(asked.length - then).toBeLessThanOrEqual(1);
        expect(saveFile).not.toHaveBeenCalled();
    });
});
