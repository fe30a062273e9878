import { ApiError } from '@api';
import { answering, refusal } from '@testing/api';
import { render } from '@testing/render';
import { screen, waitFor } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import { LeftOver } from './LeftOver';
import { outbox, outboxOf, untilAnswered } from './outbox';

const ISLA = 3;
const mark = (key: string) => ({ key, path: '/api/bench-marks', body: { use: 'clean', key } });
const away = () => Promise.reject(new ApiError(0, 'unreachable', 'The studio cannot be reached.', '', []));

describe('What was sent and has no answer', () => {
    beforeEach(() => {
        sessionStorage.clear();
        outboxOf(ISLA);
    });

    it('is kept in the window until it is answered', async () => {
        await untilAnswered(mark('a'), away).catch(() => null);
        await untilAnswered(mark('b'), away).catch(() => null);
        await untilAnswered(mark('a'), away).catch(() => null);
        expect(outbox()).toEqual([mark('a'), mark('b')]);

        await untilAnswered(mark('a'), () => Promise.resolve('stored'));
        expect(outbox()).toEqual([mark('b')]);
    });

    it('is kept when the session of who sent it ended, and not when it was refused', async () => {
        const refused = (status: number) => () => Promise.reject(new ApiError(status, 'x', 'No.', '', []));
        await untilAnswered(mark('a'), refused(401)).catch(() => null);
        await untilAnswered(mark('b'), refused(503)).catch(() => null);
        await untilAnswered(mark('c'), refused(409)).catch(() => null);
        await untilAnswered(mark('d'), refused(422)).catch(() => null);
        expect(outbox().map((one) => one.key)).toEqual(['a', 'b']);
    });

    it('is sent in order when the page is there again, each once', async () => {
        await untilAnswered(mark('a'), away).catch(() => null);
        await untilAnswered(mark('b'), away).catch(() => null);
        const sent = answering(() => [200, {}]);
        render(<LeftOver person={ISLA} />);

        await waitFor(() => expect(outbox()).toEqual([]));
        expect(sent).toEqual(['a', 'b'].map((key) => ({ method: 'POST', path: '/api/bench-marks', body: mark(key).body })));
    });

    it('says so where it is refused then', async () => {
        await untilAnswered(mark('a'), away).catch(() => null);
        answering(() => [409, refusal('stale', 'Somebody else marked it.')]);
        render(<LeftOver person={ISLA} />);

        expect(await screen.findByText(/was refused: Somebody else marked it/)).toBeTruthy();
        expect(outbox()).toEqual([]);
    });

    it('is not sent by somebody else who signs in here', async () => {
        await untilAnswered(mark('a'), away).catch(() => null);
        const sent = answering(() => [200, {}]);
        render(<LeftOver person={ISLA + 1} />);

        expect(outbox()).toEqual([]);
        expect(sent).toEqual([]);
    });
});
