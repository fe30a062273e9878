import { ApiError } from '@api';
import { render } from '@testing/render';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { PaperButton } from './PaperButton';
import { saveFile } from './saveFile';

vi.mock('./saveFile', () => ({ saveFile: vi.fn() }));

function paper(draw: () => Promise<{ drawn: number; of: number }>, fetch = () => Promise.resolve(new Blob(['%PDF-']))) {
    return render(<PaperButton label="PDF for a client" name="Harbour guard.pdf" draw={draw} fetch={fetch} />);
}

describe('A paper that takes some seconds', () => {
    beforeEach(() => vi.mocked(saveFile).mockClear());

    it('says how far it is and is saved when all is drawn', async () => {
        const answers: ((drawn: { drawn: number; of: number }) => void)[] = [];
        paper(() => new Promise((resolve) => answers.push(resolve)));
        await userEvent.click(screen.getByRole('button'));

        expect(screen.getByRole('button').textContent).toContain('Looking at the plates');
        answers[0]?.({ drawn: 4, of: 28 });
        await screen.findByText(/Plate 4 of 28/);
        expect(screen.getByRole('progressbar', { name: 'Plates drawn' }).getAttribute('value')).toBe('4');
        expect(saveFile).not.toHaveBeenCalled();
        await vi.waitFor(() => expect(answers).toHaveLength(2));
        answers[1]?.({ drawn: 28, of: 28 });

        await screen.findByText('Harbour guard.pdf is saved.');
        expect(saveFile).toHaveBeenCalledExactlyOnceWith(expect.any(Blob), 'Harbour guard.pdf');
        expect(screen.getByRole('button').textContent).toContain('PDF for a client');
    });

    it('is made once, however often it is pressed', async () => {
        const draw = vi.fn(() => new Promise<{ drawn: number; of: number }>(() => undefined));
        paper(draw);
        await userEvent.click(screen.getByRole('button'));
        await userEvent.click(screen.getByRole('button'));

        expect(draw).toHaveBeenCalledOnce();
    });

    it('says what went wrong, at its place', async () => {
        paper(() => Promise.reject(new ApiError(0, 'unreachable', 'The studio cannot be reached.', '', [])));
        await userEvent.click(screen.getByRole('button'));

        expect((await screen.findByRole('alert')).textContent).toContain('The studio cannot be reached.');
        expect(saveFile).not.toHaveBeenCalled();
    });

    it('ends when its page is left', async () => {
        const seen: AbortSignal[] = [];
        const { unmount } = render(
            <PaperButton
                label="PDF for a client"
                name="x.pdf"
                draw={(signal) => {
                    seen.push(signal);
                    return new Promise(() => undefined);
                }}
                fetch={() => Promise.resolve(new Blob())}
            />,
        );
        await userEvent.click(screen.getByRole('button'));
        unmount();

        expect(seen[0]?.aborted).toBe(true);
    });
});
