import type { Schemas } from '@api';
import { answering, refusal } from '@testing/api';
import { session } from '@testing/made';
import { render } from '@testing/render';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { draftOf, groupOf, named, put, withGroup, without } from './draft';
import { GroupingForm } from './components/GroupingForm';
import { GroupTable } from './components/GroupTable';

const units: Schemas['Groupings']['units'] = [
    {
        id: 3,
        name: 'Quay watch',
        version: 4,
        figures: [
            { id: 31, number: 1, leader: true, version: 1 },
            { id: 32, number: 2, leader: false, version: 2 },
        ],
    },
    { id: 5, name: 'Sea troll', version: 1, figures: [{ id: 51, number: 1, leader: false, version: 7 }] },
];

const shelves: Schemas['Grouping'] = {
    id: 9,
    name: 'Shelves',
    version: 2,
    groups: [
        {
            name: 'Upper',
            figures: [31, 51],
            units: [
                { name: 'Quay watch', numbers: [1], all: false },
                { name: 'Sea troll', numbers: [1], all: true },
            ],
            tiers: [
                { name: 'Muster', figures: 1 },
                { name: 'Banner', figures: 1 },
            ],
            states: [
                { state: 'to-paint', figures: 1 },
                { state: 'signed', figures: 1 },
            ],
            minutes: 130,
        },
    ],
    without: 1,
};

describe('figures grouped otherwise, while they are put together', () => {
    it('come into the group in hand, out of whichever they were in', () => {
        const two = named(withGroup(named(draftOf(null), 0, 'Upper')), 1, 'Lower');
        const filled = put({ ...put(two, [1, 2]), at: 0 }, [2, 3]);
        expect(filled.groups.map((group) => group.figures)).toEqual([[2, 3], [1]]);
        expect(groupOf(filled, 1)?.name).toBe('Lower');
        expect(groupOf(filled, 4)).toBeNull();
    });

    it('leave the group that all of them are in', () => {
        const filled = put(draftOf(shelves), [31, 51]);
        expect(filled.groups[0]?.figures).toEqual([]);
        expect(put(draftOf(shelves), [31, 32]).groups[0]?.figures).toEqual([51, 31, 32]);
    });

    it('have another group in hand when theirs is taken away', () => {
        const two = withGroup(draftOf(shelves));
        expect(two.at).toBe(1);
        expect(without(two, 1)).toMatchObject({ at: 0, groups: [{ name: 'Upper' }] });
        expect(withGroup(without(two, 0)).groups.map((group) => group.key)).toEqual([1, 2]);
    });
});

describe('a grouping', () => {
    it('is made by names and presses, and sent as a whole', async () => {
        const sent = answering(() => [200, { units, groupings: [shelves] }]);
        const closed: boolean[] = [];
        render(<GroupingForm job={7} grouping={null} units={units} onClose={() => closed.push(true)} />);
        await userEvent.type(screen.getByLabelText('What it is for'), 'Shelves');
        await userEvent.type(screen.getByLabelText('Name of group 1'), 'Upper');
        await userEvent.click(screen.getByRole('button', { name: '1, leader, in no group' }));
        await userEvent.click(screen.getByRole('button', { name: 'Add a group' }));
        await userEvent.type(screen.getByLabelText('Name of group 2'), 'Lower');
        const watch = within(screen.getByRole('group', { name: 'Quay watch' }));
        expect(watch.getByRole('button', { name: '1 A, leader, in Upper' }).getAttribute('aria-pressed')).toBe('false');
        await userEvent.click(watch.getByRole('button', { name: '2, in no group' }));
        await userEvent.click(screen.getByRole('button', { name: 'Keep the grouping' }));
        await waitFor(() => expect(closed).toEqual([true]));
        expect(sent).toEqual([
            {
                method: 'POST',
                path: '/api/jobs/7/groupings',
                body: {
                    name: 'Shelves',
                    groups: [
                        { name: 'Upper', figures: [31] },
                        { name: 'Lower', figures: [32] },
                    ],
                },
            },
        ]);
    });

    it('says what is wrong at its field, and keeps what was put together', async () => {
        answering(() => [
            422,
            refusal('invalid', 'The name is missing.', '/groups/0/name', [
                { path: '/groups/0/name', message: 'The name is missing.' },
            ]),
        ]);
        render(<GroupingForm job={7} grouping={shelves} units={units} onClose={() => undefined} />);
        await userEvent.clear(screen.getByLabelText('Name of Upper'));
        await userEvent.click(screen.getByRole('button', { name: 'Keep the grouping' }));
        expect((await screen.findByRole('alert')).textContent).toContain('The name is missing.');
        expect(screen.getByText('2 figures')).toBeTruthy();
    });

    it('shows of each group who is in it, at which tiers and how far', () => {
        answering(() => [500, {}]);
        render(<GroupTable job={7} grouping={shelves} units={units} mayChange={false} onChange={() => undefined} />);
        const row = within(screen.getByRole('row', { name: /^Upper/ }));
        expect(row.getByText('Quay watch 1; Sea troll')).toBeTruthy();
        expect(row.getByText('1 Muster, 1 Banner')).toBeTruthy();
        expect(row.getByRole('img', { name: '1 signed off, 1 to paint' })).toBeTruthy();
        expect(row.getByText('2 h 10')).toBeTruthy();
        expect(screen.getByText('1 figure in no group')).toBeTruthy();
        expect(screen.queryByRole('button')).toBeNull();
    });

    it('raises all of a group, unit by unit, in the versions that were read', async () => {
        const sent = answering(({ method }) => [200, method === 'PATCH' ? { units: [] } : { units, groupings: [shelves] }]);
        render(<GroupTable job={7} grouping={shelves} units={units} mayChange onChange={() => undefined} />, [
            [['session'], session()],
        ]);
        await userEvent.click(screen.getByRole('button', { name: 'Up a tier: Upper' }));
        await waitFor(() => expect(sent).toHaveLength(1));
        expect(sent[0]).toMatchObject({
            method: 'PATCH',
            path: '/api/jobs/7/rows',
            body: {
                by: 1,
                rows: [
                    { unit: 3, version: 4, figures: [{ id: 31, version: 1 }] },
                    { unit: 5, version: 1, figures: [{ id: 51, version: 7 }] },
                ],
            },
        });
    });
});
