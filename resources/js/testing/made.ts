import type { Schemas } from '@api';

/** Invented answers of the API, each with what a test wants to be different. */
export function session(change: Partial<Schemas['Session']['user']> = {}): Schemas['Session'] {
    return {
        user: { id: 1, name: 'Marsali Teague', role: 'lead', signing_rank: null, second_factor: false, ...change },
        studio: {
            id: 1,
            name: 'Kittiwake Row',
            time_zone: 'Europe/London',
            currency: 'EUR',
            currency_decimals: 2,
            single_keys: true,
            allows_self_check: false,
            requires_second_factor: false,
        },
        waiting: { checks: 2, bench: 0 },
    };
}

const why = { inputs: [{ name: 'size', value: '2 mm' }], rule: 'The rule.', source: 'published' };

export function item(change: Partial<Schemas['CheckItem']> = {}): Schemas['CheckItem'] {
    return {
        item: 'criterion',
        area: 'coat',
        surface: 'cloth',
        tier: 'guard',
        criterion: 'lit',
        excused: null,
        answers: ['holds', 'does-not-hold', 'not-done', 'not-on-figure', 'unreachable'],
        text: 'The folds are lit.',
        places: [],
        severity: 'minor',
        sides: ['front', 'back'],
        alone: null,
        focal: false,
        answer: null,
        reason: '',
        stands: false,
        ...change,
    };
}

export function fault(change: Partial<Schemas['CheckFault']> = {}): Schemas['CheckFault'] {
    return {
        id: 5,
        kind: 'flaw',
        area: 'coat',
        criterion: null,
        text: '',
        side: 'front',
        flaw: 'patch',
        size_mm: 2,
        place: null,
        note: '',
        severity: 'minor',
        sentence: 'Noticed in a plain place, so it is minor.',
        why,
        waived: null,
        mended: null,
        version: 1,
        ...change,
    };
}

export function check(change: Partial<Schemas['Check']> = {}): Schemas['Check'] {
    return {
        id: 9,
        figure_id: 2,
        round: 1,
        state: 'open',
        version: 3,
        job: { id: 1, name: 'Harbour guard' },
        wishes: [],
        unit: '1st Lamplighters',
        number: 2,
        count: 12,
        leader: false,
        name: '',
        type_id: 6,
        unit_id: 4,
        unit_version: 7,
        tier: {
            key: 'muster',
            name: 'Muster',
            rank: 1,
            distance_mm: 900,
            notice_arcmin: 3,
            look_minutes: 1,
            smallest_mm: 0.785,
            limits: { critical: 0, major: 2, minor: 6 },
        },
        standard: 'House standard 2026.1',
        painters: ['Isla Coade'],
        mended_at_the_bench: [],
        sides: ['front', 'back'],
        passed: [],
        areas: [
            { area: 'coat', surface: 'cloth', share: 0.6, focal: false, sides: ['front', 'back'], hex: '#b98a2e' },
            { area: 'face', surface: 'face', share: 0.1, focal: true, sides: ['front'], hex: '#b57a5e' },
        ],
        items: [
            item(),
            item({
                area: 'face',
                surface: 'face',
                criterion: 'read',
                text: 'Features can be read.',
                sides: ['front'],
                alone: 'draws the eye',
                focal: true,
            }),
        ],
        unseen: [],
        faults: [],
        counts: { critical: 0, major: 0, minor: 0 },
        verdict: 'accept',
        verdict_why: why,
        open: 2,
        complete: false,
        undecided: [],
        unsure: [],
        may_send_back: true,
        sent_back: null,
        may_sign: false,
        sign_hint: '2 items are not answered yet.',
        may_waive: true,
        own_work: false,
        undo: null,
        started_at: null,
        looked_minutes: null,
        sign_off_id: null,
        ...change,
    };
}

export function sheet(change: Partial<Schemas['BenchSheet']> = {}): Schemas['BenchSheet'] {
    return {
        key: '1-abc',
        job: { id: 1, name: 'Harbour guard', version: 1 },
        notes: '',
        wishes: [],
        unit: { id: 1, name: '1st Lamplighters', note: '' },
        type: { id: 6, name: 'Lamplighter' },
        scheme: null,
        tier: 'Muster',
        standard: 'House standard 2026.1',
        minutes: 31.8,
        alike: [{ tier: 'Muster', figures: [20, 30], minutes: 31.8 }],
        times: {
            by_hand: 63.6,
            paths: [
                { path: 'step-by-step', elapsed: 80, waiting: 16.4, changes: 9, early: 'Texture paste, ground' },
                { path: 'figure-by-figure', elapsed: 190, waiting: 126.4, changes: 18, early: '' },
            ],
            at_once: null,
            why: { inputs: [], rule: 'By hand is the work alone.', source: 'common practice, no source' },
        },
        spray: {
            fields: [],
            caution: 'Spray only outdoors or in an extracted booth.',
            why: { inputs: [], rule: 'A lay-in is sprayed where it takes less.', source: 'studio setting' },
        },
        caution: "Follow the product's safety data sheet.",
        undecided: [],
        unsure: [],
        raises: null,
        elsewhere: false,
        figures: [2, 3].map((number) => ({
            id: number * 10,
            number,
            leader: false,
            name: '',
            state: 'painting',
            painter: null,
            left: 1,
            to_mend: false,
            may_mark: true,
            may_hand_over: false,
            may_look: false,
            version: 1,
        })),
        length: 1,
        mishaps: [],
        goes: [],
        stops: [],
        joins: [],
        clock: null,
        worked: { minutes: 0, allowed: 63.6, unknown: 0, entries: [] },
        enough: [],
        fetch: [],
        steps: [step()],
        ...change,
    };
}

/** A step with one place, or with several that are laid in one go. */
export function row(first: Schemas['BenchStep'], ...others: Schemas['BenchStep'][]) {
    const places: [Schemas['BenchStep'], ...Schemas['BenchStep'][]] = [first, ...others];
    const go = { number: first.number, areas: places.map((step) => step.area), minutes: 0, minutes_to: 0, batches: [] };
    return { number: first.number, places, go: others.length === 0 ? null : go };
}

export function step(change: Partial<Schemas['BenchStep']> = {}): Schemas['BenchStep'] {
    return {
        number: 1,
        figures: [20, 30],
        look: false,
        waits: [],
        beneath: [],
        area: 'coat',
        tier: 'guard',
        thinning: '',
        tool: '',
        surface: 'cloth',
        part: '',
        use: 'base',
        title: 'Base coat',
        technique: 'base',
        group: 'lay-in',
        degree: '2 coats',
        where: [],
        note: '',
        minutes: 4.6,
        minutes_to: 4.6,
        dry: 10,
        dry_times: 2,
        wet_into: '',
        wet_then: '',
        only_if: '',
        material: null,
        messy: false,
        tidy: false,
        turns: [],
        caution: 'Never point a brush with the lips.',
        mixes: [
            {
                step: 1,
                text: 'Oilskin Ochre',
                parts: [{ paint: 'Oilskin Ochre', parts: 1, hex: '#b98a2e', kind: 'base', note: '' }],
                hex: '#3e4c57',
                forecast: false,
                too_much_water: false,
                from: 'job',
                batch: null,
                coats: null,
                version: 1,
            },
        ],
        why: [{ reason: 'adhesion', sentence: 'Primer lies under all paint and holds it.' }],
        judged_by: ['Folds read as folds.'],
        cleared: null,
        may_look_on: [],
        marks: [],
        further: [],
        wet: [],
        ...change,
    };
}

/** A figure from the front: a coat over the left half of its picture, a face over the right one, an eye in it. */
export function outlines(): Schemas['OutlinedSide'][] {
    return [
        {
            side: 'front',
            width: 100,
            height: 200,
            areas: [
                { area: 'coat', path: 'M0 0L50 0L50 200L0 200Z', x: 25, y: 100 },
                { area: 'face', path: 'M50 0L100 0L100 200L50 200Z', x: 75, y: 100 },
            ],
            pieces: [{ area: 'face', feature: 'eye', name: 'left', x: 0.7, y: 0.4 }],
        },
    ];
}
