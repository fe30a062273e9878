import { answering, refusal } from '@testing/api';
import { session } from '@testing/made';
import { render } from '@testing/render';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { OfferPage } from './OfferPage';
import { QuotePage } from './QuotePage';
import type { Content, Offer, Preview, QuoteHead, Quotes } from './queries';

const line: Content['lines'][number] = {
    unit: 'Quay watch',
    numbers: [1, 2],
    figures: 2,
    type: 'Lamplighter',
    tier: 'Muster',
    each: 2800,
    sum: 5600,
    by: 'list',
    minutes: 24,
    added: [{ area: 'straps', work: 'Edge line', from: 'Watch', price: 90 }],
    left_out: [{ area: 'badge', work: 'Decal', price: null }],
};

function sums(change: Partial<Content['sums']> = {}): Content['sums'] {
    return {
        work: 5600,
        materials: 0,
        discount_percent: 0,
        discount: 0,
        net: 5600,
        tax_name: '',
        tax_percent: 0,
        tax: 0,
        rounding: 0,
        total: 5600,
        ...change,
    };
}

function preview(change: Partial<Preview> = {}): Preview {
    return { lines: [line], without_price: [], by_hand: [], sums: sums(), minutes: 48, digest: 'abc', ...change };
}

const head: QuoteHead = {
    id: 7,
    number: 1,
    state: 'open',
    total: 5600,
    made: '2026-11-30T10:00:00Z',
    by: 'Marsali Teague',
    valid_until: '2026-12-31',
    agreed_by: null,
    agreed_at: null,
};

const none: Quotes = { quotes: [], last: null };

function quotePage(given: { quotes?: Quotes; preview?: Preview; make?: [number, unknown] } = {}) {
    const sent = answering(({ path, method }) =>
        path.endsWith('/quote-previews')
            ? [200, given.preview ?? preview()]
            : method === 'POST'
              ? (given.make ?? [201, { quote: head, link: 'http://studio/offer/xyz' }])
              : [200, given.quotes ?? none],
    );
    render(<QuotePage />, [
        [['session'], session()],
        [['jobs', NaN], { name: 'Harbour guard' }],
    ]);
    return sent;
}

describe('a quote that is made', () => {
    it('says what each costs, with what was agreed for more and for less', async () => {
        quotePage({
            preview: preview({
                sums: sums({
                    discount: 560,
                    discount_percent: 10,
                    net: 5040,
                    tax: 958,
                    tax_percent: 19,
                    rounding: 2,
                    total: 6000,
                }),
            }),
        });
        const row = within((await screen.findByText('Quay watch')).closest('tr') ?? document.body);
        expect(
            row.getByText(/2 figures, Lamplighter; with Edge line on straps \(\+€0\.90\); without Decal on badge$/),
        ).toBeTruthy();
        expect(row.getByText('€56.00')).toBeTruthy();
        expect(screen.getByText('Discount, 10 % of the work').closest('tr')?.textContent).toContain('-€5.60');
        expect(screen.getByText('Tax, 19 %').closest('tr')?.textContent).toContain('€9.58');
        expect(screen.getByText('To be paid').closest('tr')?.textContent).toContain('€60.00');
    });

    it('sends amounts in the smallest unit and shows the link once it is made', async () => {
        const sent = quotePage();
        await userEvent.type(await screen.findByLabelText('Discount on the work, %'), '2,5');
        await userEvent.type(screen.getByLabelText('Rounded to whole, EUR'), '5');
        await userEvent.click(screen.getByRole('button', { name: 'Another line' }));
        await userEvent.type(screen.getByLabelText('Costs, line 1, EUR'), '24,5');
        await userEvent.type(screen.getByLabelText('What, line 1'), 'Postage');
        const make = screen.getByRole('button', { name: 'Make quote 1' });
        await waitFor(() => expect(make).toHaveProperty('disabled', false));
        await userEvent.click(make);
        expect(await screen.findByDisplayValue('http://studio/offer/xyz')).toBeTruthy();
        expect(sent.find(({ path }) => path.endsWith('/quotes') && path.includes('jobs'))).toBeTruthy();
        expect(sent.findLast(({ body }) => (body as { digest?: string } | null)?.digest === 'abc')?.body).toMatchObject({
            discount: 2.5,
            round_to: 500,
            materials: [{ words: 'Postage', amount: 2450 }],
            by_hand: [],
        });
    });

    it('is not made while nobody has said what some figures cost', async () => {
        const unsaid = { key: '4-open', unit: 'Sea troll', tier: 'Open', size: 'monster', figures: 1, minutes: 600 };
        const sent = quotePage({ preview: preview({ without_price: [unsaid], by_hand: [unsaid] }) });
        expect(await screen.findByText(/Sea troll at Open, 1 × monster/)).toBeTruthy();
        expect(screen.getByRole('button', { name: 'Make quote 1' })).toHaveProperty('disabled', true);
        await userEvent.type(screen.getByLabelText('One of Sea troll at Open, EUR'), '900');
        await waitFor(() => expect(sent.at(-1)?.body).toMatchObject({ by_hand: [{ key: '4-open', price: 90000 }] }));
    });

    it('begins with the terms of the last one and says that the open one is withdrawn', async () => {
        quotePage({
            quotes: {
                quotes: [head],
                last: {
                    text: 'Half before we begin.',
                    tax: 19,
                    tax_name: 'sales tax',
                    discount: 5,
                    materials: [{ words: 'Postage', amount: 1250 }],
                },
            },
        });
        expect(await screen.findByDisplayValue('Half before we begin.')).toBeTruthy();
        expect(screen.getByDisplayValue('sales tax')).toBeTruthy();
        expect(screen.getByDisplayValue('12.5')).toBeTruthy();
        expect(screen.getByText(/Making quote 2 withdraws quote 1/)).toBeTruthy();
    });

    it('asks for the prices again when something was changed meanwhile', async () => {
        const sent = quotePage({ make: [409, refusal('stale', 'Somebody else changed what it is offered for.')] });
        const make = await screen.findByRole('button', { name: 'Make quote 1' });
        await waitFor(() => expect(make).toHaveProperty('disabled', false));
        const before = sent.length;
        await userEvent.click(make);
        expect(await screen.findByText(/Somebody else changed what it is offered for/)).toBeTruthy();
        await waitFor(() => expect(sent.slice(before).some(({ path }) => path.endsWith('/quote-previews'))).toBe(true));
    });
});

function offer(change: Partial<Offer> = {}): Offer {
    return {
        state: 'open',
        agreed_by: null,
        agreed_on: null,
        before: null,
        plates: [],
        content: {
            format: 'ordotype-quote/1',
            number: 2,
            studio: 'Kittiwake Row',
            job: { name: 'Harbour guard', client: 'The harbour office', force: 'Guard' },
            wishes: ['To be displayed'],
            standard: { name: 'House standard', version: '2026.1' },
            made: { by: 'Marsali Teague', on: '2026-11-30' },
            valid_until: '2026-12-31',
            wished_for: null,
            promised_for: '2027-01-04',
            currency: 'EUR',
            currency_decimals: 2,
            lines: [line],
            materials: [],
            sums: sums(),
            tiers: [
                {
                    name: 'Muster',
                    made: 'to be played with',
                    distance_mm: 900,
                    surfaces: [
                        {
                            name: 'Cloth',
                            included: ['Base coat, 2 coats', 'Wash'],
                            to_choose: [{ name: 'One of these', choose: 1, of: ['Edge line', 'Drybrush'] }],
                        },
                    ],
                },
            ],
            figures: [],
            plates: [],
            terms: 'Half before we begin.',
        },
        ...change,
    };
}

describe('a quote that is read by its link', () => {
    it('shows the figures in their colours, and those that have none in grey', async () => {
        const given = offer();
        const areas = [
            { area: 'coat', path: 'M0 0L5 0L5 9Z', hex: '#b98b2d' },
            { area: 'hood', path: 'M5 0L9 0L9 9Z', hex: null },
        ];
        const figures = [{ type: 'Lamplighter', units: ['Quay watch', 'Deck'], width: 10, height: 10, areas }];
        answering(() => [200, { ...given, content: { ...given.content, figures } }]);
        render(<OfferPage />);
        const drawn = await screen.findByRole('img', { name: 'Lamplighter from the front' });
        expect([...drawn.querySelectorAll('.side-area')].map((path) => path.getAttribute('fill'))).toEqual([
            '#b98b2d',
            'var(--neutral)',
        ]);
        expect(screen.getByText('Quay watch, Deck')).toBeTruthy();
    });

    it('shows plates of what is not laid out as a picture', async () => {
        const given = offer();
        const areas = [{ area: 'hide', picture: { src: '/drawn/hide-248.png', srcset: '/drawn/hide-496.png 496w' } }];
        const plates = [{ type: 'Sea troll', tier: 'Banner', units: ['Sea troll'], areas }];
        answering(() => [200, { ...given, plates }]);
        render(<OfferPage />);
        const plate = await screen.findByRole('img', { name: 'Proof plate: hide of Sea troll at Banner' });
        expect(plate.getAttribute('src')).toBe('/drawn/hide-248.png');
        expect(screen.getByText('Sea troll at Banner')).toBeTruthy();
    });

    it('tells what is included from what is to choose, and what the one before said otherwise', async () => {
        const before = {
            number: 1,
            total: 8400,
            changes: [
                {
                    unit: 'Quay watch',
                    before: [{ type: 'Lamplighter', tier: 'Muster', figures: 3, each: 2800 }],
                    after: [{ type: 'Lamplighter', tier: 'Muster', figures: 2, each: 2800 }],
                },
            ],
        };
        answering(() => [200, offer({ before })]);
        render(<OfferPage />);
        expect(await screen.findByText(/Base coat, 2 coats; Wash/)).toBeTruthy();
        expect(screen.getByText(/To choose, 1 of these: Edge line; Drybrush/)).toBeTruthy();
        expect(screen.getByText(/: 3 at Muster, €28\.00 each → 2 at Muster, €28\.00 each/)).toBeTruthy();
        expect(screen.getByText(/To be paid: €84\.00 → €56\.00/)).toBeTruthy();
        expect(screen.getByText(/Promised for Mon, 4 Jan 2027/)).toBeTruthy();
    });

    it('is agreed to by name, and stays as it is', async () => {
        const sent = answering(({ method }) => [
            200,
            method === 'POST' ? offer({ state: 'agreed', agreed_by: 'Ada Quill', agreed_on: '2026-12-01' }) : offer(),
        ]);
        render(<OfferPage />);
        await userEvent.click(await screen.findByRole('button', { name: 'Agree to quote 2' }));
        expect(screen.getByText(/Write your name/)).toBeTruthy();
        await userEvent.type(screen.getByLabelText('Your name'), 'Ada Quill');
        await userEvent.click(screen.getByRole('button', { name: 'Agree to quote 2' }));
        expect((await screen.findByRole('status')).textContent).toContain('Agreed by Ada Quill, Tue, 1 Dec 2026.');
        expect(sent.some(({ body }) => (body as { name?: string } | null)?.name === 'Ada Quill')).toBe(true);
        expect(screen.queryByRole('button', { name: 'Agree to quote 2' })).toBeNull();
    });

    it('says that a link shows nothing any more', async () => {
        answering(() => [
            403,
            refusal('no-quote', 'This link was withdrawn, is too old, or never was. Ask the studio for another.'),
        ]);
        render(<OfferPage />);
        expect(await screen.findByText(/This link was withdrawn/)).toBeTruthy();
    });
});
