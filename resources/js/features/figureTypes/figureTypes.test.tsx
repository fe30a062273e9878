import type { Schemas } from '@api';
import { answering, refusal } from '@testing/api';
import { render } from '@testing/render';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { mapsOptions } from './queries';
import { TypeForm } from './components/TypeForm';
import { draftOf, EMPTY } from './draft';

const surfaces = [
    { key: 'cloth', name: 'Cloth', places: [] },
    { key: 'face', name: 'Face', places: ['brow', 'nose'] },
    { key: 'whole', name: 'Whole figure', places: [] },
];

const outline: Schemas['Outline'] = {
    areas: [
        { name: 'coat', share: 0.9, depth: 3, sides: ['front', 'left', 'back', 'right', 'above'] },
        { name: 'face', share: 0.1, depth: 1, sides: ['front'] },
    ],
    usual: [{ area: 'coat', other: 'face', why: 'a collar or a hood is round the face' }],
    without_neighbours: ['coat', 'face'],
};

const bosun: Schemas['FigureTypeDraft'] = {
    id: 7,
    key: 'bosun',
    name: 'Bosun',
    size_class: 'foot',
    difficulty: 'usual',
    retired: false,
    version: 3,
    areas: ['coat', 'face'].map((name) => ({
        name,
        surface: name === 'face' ? 'face' : 'cloth',
        weight: name === 'face' ? null : 'large',
        share: name === 'face' ? 0.1 : 0.9,
        focal: name === 'face',
        part: '',
        depth: null,
        sides: null,
        on: null,
        neighbours: [],
        features: [],
        places: [],
        unsure: false,
    })),
};

function form(answer: Parameters<typeof answering>[0], stored: Schemas['FigureTypeDraft'] | null = bosun, mayChange = true) {
    const sent = answering(answer, { '/figure-types/outline': outline });
    const onStored = vi.fn();
    const { client } = render(
        <TypeForm
            stored={stored}
            start={stored === null ? EMPTY : draftOf(stored, [])}
            surfaces={surfaces}
            mayChange={mayChange}
            onStored={onStored}
        />,
    );
    return { sent, onStored, client };
}

beforeEach(() => {
    sessionStorage.clear();
});

describe('a figure type by the list of its areas', () => {
    it('says what follows beside what is said, and offers what usually touches without taking it', async () => {
        form(() => [200, bosun]);
        await waitFor(() => expect(screen.getByLabelText('Percent of the body, coat')).toHaveProperty('placeholder', '90'));
        expect(screen.getByLabelText('Percent of the body, face')).toHaveProperty('value', '10');
        const offer = screen.getByRole('checkbox', { name: /^coat touches face; usually: a collar/ });
        expect(offer.getAttribute('aria-checked')).toBe('false');
        expect(screen.getByText(/nothing is known of coat, face/)).toBeTruthy();
    });

    it('stores what was said, with the version that was read', async () => {
        const { sent, onStored } = form(() => [200, { ...bosun, version: 4 }]);
        await userEvent.click(await screen.findByRole('checkbox', { name: /^face touches coat/ }));
        expect(screen.getByRole('checkbox', { name: /^coat touches face/ }).getAttribute('aria-checked')).toBe('true');
        await userEvent.type(screen.getByLabelText('Pieces of face'), '2 eye');
        await userEvent.click(screen.getByRole('button', { name: 'Keep the change' }));
        await waitFor(() => expect(onStored).toHaveBeenCalledWith(7));
        expect(sent[0]).toMatchObject({
            method: 'PUT',
            body: {
                version: 3,
                areas: [
                    { name: 'coat', neighbours: [] },
                    { name: 'face', neighbours: ['coat'], features: [{ feature: 'eye', pieces: 2 }] },
                ],
            },
        });
    });

    it('goes on with the maps that it stored', async () => {
        const { sent, onStored, client } = form(() => [200, { ...bosun, version: 4 }]);
        client.setQueryData(mapsOptions(7).queryKey, []);
        await userEvent.click(screen.getByRole('button', { name: 'Draw without a picture' }));
        await userEvent.click(screen.getByRole('button', { name: 'Keep the change' }));
        await waitFor(() => expect(onStored).toHaveBeenCalledWith(7));
        const map = { side: 'front', width: 400, height: 600, picture: null, areas: [], runs: '0 240000', pieces: [] };
        expect(sent[0]?.body).toMatchObject({ maps: [map] });
        expect(client.getQueryData(mapsOptions(7).queryKey)).toEqual([map]);
    });

    it('moves in the square by arrows, over the diagonal, and says by space', async () => {
        form(() => [200, bosun]);
        const first = await screen.findByRole('checkbox', { name: /^coat touches face/ });
        first.focus();
        await userEvent.keyboard('{ArrowDown}');
        expect(document.activeElement).toBe(first);
        await userEvent.keyboard(' ');
        expect(first.getAttribute('aria-checked')).toBe('true');
        await userEvent.keyboard(' ');
        expect(first.getAttribute('aria-checked')).toBe('false');
    });

    it('reads a list into rows and says what is wrong under its row', async () => {
        const read = (name: string, surface: string): Schemas['ReadArea'] => ({
            name,
            surface,
            weight: 'small',
            share: null,
            on: null,
            neighbours: [],
            features: [],
            places: [],
            unsure: false,
            focal: false,
            part: '',
        });
        const problems = [
            { line: 2, path: '/areas/1/surface', code: 'unknown-surface', message: 'The standard has no surface "felt".' },
        ];
        const { sent } = form(() => [200, { areas: [read('coat', 'cloth'), read('hat', '')], problems }], null);
        await userEvent.type(screen.getByLabelText(/^An area a line/), 'coat;cloth;small{Enter}hat;felt;small');
        await userEvent.click(screen.getByRole('button', { name: 'Read the list' }));
        expect((await screen.findByRole('alert')).textContent).toContain('no surface "felt"');
        expect(screen.getByLabelText('Pieces of hat')).toBeTruthy();
        expect(sent[0]?.body).toEqual({ text: 'coat;cloth;small\nhat;felt;small' });
    });

    it('says a refusal under the row that it is about, and above all what is of no row', async () => {
        form(() => [
            422,
            refusal('invalid', 'Two things.', '', [
                { path: '/areas/1/depth', message: 'At least 0.' },
                { path: '/name', message: 'There is a figure type like this.' },
            ]),
        ]);
        await userEvent.click(await screen.findByRole('button', { name: 'Keep the change' }));
        await waitFor(() => expect(screen.getAllByText(/At least 0\./).length).toBeGreaterThan(0));
        expect(screen.getAllByText(/like this/).length).toBe(1);
    });

    it('takes down places with a name, those of the standard offered', async () => {
        const { sent } = form(() => [200, bosun]);
        await userEvent.click(await screen.findByRole('button', { name: /places of face$/ }));
        const names = screen.getByRole('combobox', { name: 'Places with a name' });
        await userEvent.type(names, 'scar,nose,');
        await userEvent.click(screen.getByRole('button', { name: 'Keep the change' }));
        await waitFor(() => expect(sent[0]?.body).toMatchObject({ areas: [{ places: [] }, { places: ['scar', 'nose'] }] }));
    });

    it('does not send pieces that cannot be read', async () => {
        const { sent } = form(() => [200, bosun]);
        await userEvent.type(await screen.findByLabelText('Pieces of coat'), 'buttons');
        await userEvent.click(screen.getByRole('button', { name: 'Keep the change' }));
        expect(screen.getByText(/“buttons” cannot be read/)).toBeTruthy();
        expect(sent).toEqual([]);
    });

    it('is read by painters and changed by the lead', async () => {
        form(() => [200, bosun], bosun, false);
        expect(await screen.findByLabelText('Pieces of coat')).toBeTruthy();
        expect(screen.queryByRole('button', { name: 'Keep the change' })).toBeNull();
        expect(screen.getByLabelText('Pieces of coat').closest('fieldset')?.disabled).toBe(true);
    });
});
