import type { Schemas } from '@api';

const why = { inputs: [], rule: 'The rule.', source: 'published' };

/** An invented tier of a sheet. */
export function sheetTier(key: string, rank: number, change: Partial<Schemas['SheetTier']> = {}): Schemas['SheetTier'] {
    return {
        key,
        name: key,
        rank,
        retired: false,
        distance_mm: 700,
        smallest_mm: 0.41,
        smallest_why: why,
        sides: ['front', 'back'],
        limits: { critical: 0, major: 1, minor: 3 },
        budget_minutes: 60,
        price: null,
        note: '',
        terms: ['span 40'],
        minutes: 42,
        minutes_to: 42,
        minutes_why: why,
        compared_with: null,
        ...change,
    };
}

export function sheetUse(change: Partial<Schemas['SheetUse']> = {}): Schemas['SheetUse'] {
    return {
        id: 'base',
        name: 'Base coat',
        group: 'lay-in',
        choices: [],
        techniques: ['base'],
        degree: '2 coats',
        extent: 'every',
        coats: 2,
        steps: 1,
        minutes: 6,
        each: null,
        feature: null,
        menu: null,
        rise: 'same',
        was: '',
        note: '',
        ...change,
    };
}

export function sheetCell(change: Partial<Schemas['SheetCell']> = {}): Schemas['SheetCell'] {
    return {
        tier: 'plain',
        surface: 'cloth',
        state: 'asked',
        uses: [sheetUse()],
        criteria: [],
        menus: [],
        note: '',
        minutes: 6,
        ...change,
    };
}

export function finding(change: Partial<Schemas['SheetFinding']> = {}): Schemas['SheetFinding'] {
    return {
        code: 'no-criterion',
        tier: 'plain',
        surface: 'cloth',
        use: null,
        advice: false,
        message: 'Nobody judges it.',
        why,
        accepted: null,
        accepted_by: null,
        fix: null,
        ...change,
    };
}

/** An invented draft of one tier and two surfaces. */
export function draft(change: Partial<Schemas['Sheet']> = {}): Schemas['Draft'] {
    return {
        sheet: {
            id: 7,
            name: 'House standard',
            version: '2',
            state: 'draft',
            revision: 3,
            in_force_at: null,
            in_force_why: '',
            jobs: 0,
            reference: 'trooper',
            tiers: [sheetTier('plain', 1)],
            surfaces: [
                { key: 'cloth', name: 'Cloth', note: 'folds', group: 'clothing', places: [] },
                { key: 'marking', name: 'Marking', note: '', group: 'gear', places: [] },
            ],
            cells: [sheetCell(), sheetCell({ surface: 'marking', state: 'undecided', uses: [], minutes: null })],
            findings: [],
            ...change,
        },
        document: {
            format: 'ordotype-standard/1',
            name: 'House standard',
            version: '2',
            surfaces: [
                { id: 'cloth', name: 'Cloth' },
                { id: 'marking', name: 'Marking' },
            ],
            techniques: [
                { id: 'base', name: 'Base coat', group: 'lay-in', opacity: 'opaque' },
                { id: 'wash', name: 'All-over wash', group: 'shade', opacity: 'transparent' },
            ],
            tiers: [
                {
                    id: 'plain',
                    name: 'Plain',
                    rank: 1,
                    distance_mm: 700,
                    sides: ['front', 'back'],
                    look_minutes: 2,
                    limits: { critical: 0, major: 1, minor: 3 },
                    colour_tolerance: 5,
                    budget_minutes: 60,
                    by_agreement: false,
                    retired: false,
                },
            ],
            requirements: [
                {
                    tier: 'plain',
                    surface: 'cloth',
                    uses: [
                        { technique: 'base', coats: 2, minutes: 12 },
                        { technique: 'wash', minutes: 8 },
                    ],
                    criteria: [{ id: 'even', text: 'It is even.', severity: 'minor', uses: ['base'] }],
                },
            ],
        },
        revisions: {
            head: 1,
            order: 1,
            surfaces: { cloth: 1, marking: 1 },
            techniques: { base: 1, wash: 1 },
            tiers: { plain: 1 },
            cells: { 'plain cloth': 4 },
        },
        undo: 0,
        redo: 0,
    };
}

/** The draft once changes of its cells are stored: each cell one revision on. */
export function withCells(
    from: Schemas['Draft'],
    changes: readonly { id: string; surface: string; value: unknown }[],
): Schemas['Draft'] {
    return changes.reduce((now, { id, surface, value }) => {
        const others = now.document.requirements.filter((one) => one.tier !== id || one.surface !== surface);
        const mine = value === null ? [] : [value as Schemas['RequirementDocument']];
        const key = `${id} ${surface}`;
        const cells = { ...now.revisions.cells, [key]: (now.revisions.cells[key] ?? 0) + 1 };
        return {
            ...now,
            document: { ...now.document, requirements: [...others, ...mine] },
            revisions: { ...now.revisions, cells },
        };
    }, from);
}

export function preview(change: Partial<Schemas['Preview']> = {}): Schemas['Preview'] {
    return { tiers: [sheetTier('plain', 1)], cells: [sheetCell()], findings: [], plates: [], ...change };
}

function numberField(name: string, label: string, section: string, otherwise: number | null): Schemas['MemberField'] {
    return {
        name,
        label,
        section,
        kind: 'number',
        unit: '',
        step: 1,
        rows: 0,
        hint: '',
        needed: false,
        otherwise,
        words: [],
    };
}

export const vocabulary: Schemas['Vocabulary'] = {
    fields: {
        surface: [],
        tier: [],
        technique: [],
        use: [
            numberField('coats', 'Coats', 'degree', 1),
            numberField('minutes', 'Minutes, whole figure of it', 'minutes', 0),
            numberField('each', 'Minutes a piece', 'minutes', null),
        ],
    },
    groups: ['lay-in', 'shade', 'light'],
    opacities: ['opaque', 'transparent'],
    lies_on: ['all', 'face'],
    extents: ['spot', 'focal', 'upper', 'every'],
    textures: ['smooth'],
    sheens: ['matt'],
    plates: ['hard', 'fold'],
    order_reasons: ['drying', 'access'],
    size_classes: ['foot'],
    schools: [
        {
            id: 'lights',
            name: 'Lights',
            choices: [
                {
                    id: 'every-edge',
                    name: 'on every edge',
                    for: 'plate',
                    order: '',
                    criteria: 'every edge has its line',
                    repair: '',
                },
                { id: 'drybrush', name: 'by drybrush', for: 'texture', order: 'early', criteria: '', repair: '' },
            ],
        },
    ],
};
