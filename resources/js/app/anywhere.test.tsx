import { useKeys } from '@shared/useKeys';
import { answering } from '@testing/api';
import { session } from '@testing/made';
import { render } from '@testing/render';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { useLocation } from 'react-router';
import { describe, expect, it } from 'vitest';
import { Anywhere } from './Anywhere';
import { pressWhenThere } from './deeds';
import { placesOf } from './finds';

function Place() {
    const [shows, setShows] = useState(true);
    const [done, setDone] = useState('');
    useKeys(
        { p: { does: 'passes the side', deed: () => undefined }, h: { does: 'hides it', deed: () => setShows(false) } },
        shows,
    );
    const { pathname, search } = useLocation();
    return (
        <>
            <Anywhere />
            <input aria-label="something typed" />
            <main id="place">
                <button type="button" onClick={() => setDone('lanterns')}>
                    Light the lanterns <kbd>L</kbd>
                </button>
                <button type="button" disabled>
                    Light the fire
                </button>
                <button type="button">Light it</button>
                <button type="button">Light it</button>
                <button type="button" aria-label="Invite somebody" onClick={() => setDone('invited')} />
            </main>
            <p>{`at ${pathname}${search}`}</p>
            <p>{`done: ${done}`}</p>
        </>
    );
}

const found = [
    { kind: 'job', id: 3, job: 3, unit: null, name: 'Harbour guard', detail: 'The harbour office' },
    { kind: 'unit', id: 8, job: 3, unit: null, name: '2nd Lamplighters', detail: 'Harbour guard, Muster' },
    { kind: 'figure', id: 17, job: 3, unit: 8, name: '2nd Lamplighters, figure 4', detail: 'Harbour guard' },
];

function shown(single = true) {
    answering(() => [200, found]);
    const studio = { ...session().studio, single_keys: single };
    return render(<Place />, [[['session'], { ...session(), studio }]]);
}

const finder = () => screen.findByRole('combobox', { name: /^Name of a place/ });

describe('finding anything', () => {
    it('opens on its keys, and goes where Enter says', async () => {
        shown();
        await userEvent.keyboard('{Control>}k{/Control}');
        await userEvent.type(await finder(), 'lamp');
        expect(await screen.findByRole('option', { name: '2nd Lamplighters unit, Harbour guard, Muster' })).toBeTruthy();
        await userEvent.keyboard('{ArrowDown}{Enter}');
        expect(await screen.findByText('at /jobs/3?find=2nd%20Lamplighters')).toBeTruthy();
        expect(screen.queryByRole('combobox', { name: /^Name of a place/ })).toBeNull();
    });

    it('goes to a figure in its job, and round from the first to the last', async () => {
        shown();
        await userEvent.keyboard('/');
        await userEvent.type(await finder(), 'lamp 4');
        await screen.findByRole('option', { name: /figure 4/ });
        await userEvent.keyboard('{ArrowUp}{Enter}');
        expect(await screen.findByText('at /jobs/3?unit=8&figure=17')).toBeTruthy();
    });

    it('offers places before anything is typed, and to a painter those of a painter', async () => {
        shown();
        await userEvent.keyboard('/');
        await finder();
        expect(screen.getAllByRole('option').length).toBe(placesOf('', 'lead').length);
        expect(placesOf('', 'painter').map((place) => place.name)).not.toContain('Book a job');
        expect(placesOf('shelf', 'painter').map((place) => place.name)).toEqual(['Paints']);
    });
});

describe('doing anything', () => {
    const names = () => screen.getAllByRole('option').map((one) => one.textContent);

    it('presses what the page offers, by its name without its key', async () => {
        shown();
        await userEvent.keyboard('/');
        await userEvent.type(await finder(), 'light');
        expect(names()[0]).toBe('Light the lanterns here');
        expect(names().some((name) => name.startsWith('Light the fire') || name.startsWith('Light it'))).toBe(false);
        await userEvent.keyboard('{Enter}');
        expect(await screen.findByText('done: lanterns')).toBeTruthy();
        expect(document.activeElement?.textContent).toContain('Light the lanterns');
    });

    it('goes to where something is done, and does it there', async () => {
        shown();
        await userEvent.keyboard('/');
        await userEvent.type(await finder(), 'invite');
        expect(names()[0]).toBe('Invite somebody into the studio');
        await userEvent.keyboard('{Enter}');
        expect(await screen.findByText('at /studio')).toBeTruthy();
        expect(await screen.findByText('done: invited')).toBeTruthy();
    });

    it('waits for the page on which something is pressed, and presses it once', async () => {
        let pressed = 0;
        pressWhenThere('Verify again');
        const place = document.createElement('main');
        place.id = 'place';
        document.body.append(place);
        const button = document.createElement('button');
        button.textContent = 'Verify again';
        button.disabled = true;
        button.addEventListener('click', () => (pressed += 1));
        place.append(button);
        await new Promise((resolve) => setTimeout(resolve));
        expect(pressed).toBe(0);
        button.disabled = false;
        await waitFor(() => expect(pressed).toBe(1));
        button.title = 'once more';
        await new Promise((resolve) => setTimeout(resolve));
        expect(pressed).toBe(1);
        place.remove();
    });
});

describe('keys of a place', () => {
    it('are those of what is shown, and those that work everywhere', async () => {
        shown();
        await userEvent.keyboard('?');
        expect(await screen.findByText('passes the side')).toBeTruthy();
        expect(screen.getByText('shows this list')).toBeTruthy();
        await userEvent.click(screen.getByRole('button', { name: 'Close' }));
        await userEvent.keyboard('h?');
        await waitFor(() => expect(screen.queryByText('passes the side')).toBeNull());
    });

    it('stay letters where something is typed, or where single keys are off', async () => {
        shown(false);
        await userEvent.keyboard('?/');
        expect(screen.queryByRole('dialog')).toBeNull();
        await userEvent.click(screen.getByRole('button', { name: 'Keys' }));
        expect(await screen.findByText(/Single keys are off in this studio/)).toBeTruthy();
    });

    it('are letters in a field', async () => {
        shown();
        await userEvent.type(screen.getByLabelText('something typed'), '?/');
        expect(screen.queryByRole('dialog')).toBeNull();
    });
});
