import type { Schemas } from '@api';
import { session } from './made';

export const signedIn: [readonly unknown[], unknown][] = [
    [['session'], session()],
    [['people'], [{ id: 3, name: 'Isla Coade', role: 'painter', signing_rank: null }]],
    [['figure-types'], []],
];

export function laid(change: Partial<Schemas['GridUse']> = {}): Schemas['GridUse'] {
    return {
        id: 'base',
        name: 'Base coat',
        technique: 'base',
        degree: '2 coats',
        minutes: 4,
        fate: 'laid',
        choices: [],
        menu: null,
        waiver: null,
        addition: null,
        there: '',
        from: 'muster',
        ...change,
    };
}

/** The coat, as it stands beside the grid. */
export function layers(change: Partial<Schemas['AreaLayers']> = {}): Schemas['AreaLayers'] {
    return {
        area: 'coat',
        surface: 'cloth',
        tier: 'muster',
        own_tier: false,
        focal: false,
        state: 'asked',
        agreed: null,
        schools: [],
        minutes: 4,
        uses: [laid(), laid({ id: 'shade', name: 'Wash', degree: '' })],
        ...change,
    };
}

function layer(change: Partial<Schemas['GridLayer']> = {}): Schemas['GridLayer'] {
    return { name: 'Base coat', group: 'lay-in', degree: '2 coats', passes: 2, fate: 'laid', added: false, ...change };
}

export const CELLS: Schemas['GridCell'][] = [
    {
        name: 'coat',
        area: 'coat',
        surface: 'cloth',
        own_tier: null,
        state: 'asked',
        layers: [layer(), layer({ name: 'Wash', group: 'shade', degree: '', passes: 1 })],
    },
    { name: 'coat, plain', area: 'coat', surface: 'cloth', own_tier: null, state: 'asked', layers: [layer()] },
    { name: 'badge', area: 'badge', surface: 'marking', own_tier: null, state: 'undecided', layers: [] },
];

export function group(change: Partial<Schemas['GridGroup']> = {}): Schemas['GridGroup'] {
    const figure: Omit<Schemas['GridFigure'], 'id'> = {
        number: 1,
        leader: false,
        name: '',
        state: 'to-paint',
        tier: 'muster',
        own_tier: false,
        painter: null,
        own_painter: false,
        scheme: null,
        own_scheme: false,
        may_assign: true,
        record: null,
        raises: null,
        elsewhere: false,
        version: 1,
    };
    return {
        key: '1-a',
        type: 'Lamplighter',
        type_id: 6,
        tier: 'muster',
        minutes: 32,
        minutes_to: 40,
        budget: 30,
        over: true,
        why: { inputs: [], rule: 'Each use takes its minutes.', source: 'common practice, no source' },
        minutes_all: 64,
        figures: [
            { ...figure, id: 1 },
            { ...figure, id: 2, number: 2 },
        ],
        cells: ['coat', 'badge'],
        resting: [],
        lacking: [],
        ...change,
    };
}

export function unit(change: Partial<Schemas['GridUnit']> = {}): Schemas['GridUnit'] {
    return {
        id: 4,
        name: 'Lamplighters',
        note: '',
        type: 'Lamplighter',
        type_id: 6,
        tier: 'muster',
        painter: null,
        scheme: null,
        version: 7,
        count: 2,
        minutes: 64,
        groups: [group()],
        ...change,
    };
}

export const job: Schemas['Job'] = {
    id: 1,
    name: 'Harbour guard',
    client: 'The harbour office',
    due: null,
    force: 'Harbour guard',
    notes: '',
    purpose: null,
    wishes: [],
    state: 'open',
    version: 1,
    standard: { id: 1, name: 'House standard', version: '2026.1' },
    tiers: [
        { key: 'drill', name: 'Drill', rank: 0, retired: true, by_agreement: false },
        { key: 'muster', name: 'Muster', rank: 1, retired: false, by_agreement: false },
        { key: 'guard', name: 'Guard', rank: 3, retired: false, by_agreement: false },
    ],
    surfaces: [
        { key: 'cloth', name: 'Cloth' },
        { key: 'plate', name: 'Plate' },
        { key: 'marking', name: 'Marking' },
    ],
    schemes: [],
};

export const NO_QUESTIONS: Schemas['Grid']['questions'] = { purpose: false, choices: [], unsure: [], silent: [] };

export function grid(units: Schemas['GridUnit'][]): Schemas['Grid'] {
    return {
        cells: CELLS,
        units,
        figures: 2,
        minutes: 64,
        waivers: 0,
        additions: 0,
        questions: NO_QUESTIONS,
        unassigned: 2,
        signed: 0,
    };
}
