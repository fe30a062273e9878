import type { Schemas } from '@api';
import { answering } from '@testing/api';
import { session } from '@testing/made';
import { render } from '@testing/render';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { strToU8, zipSync } from 'fflate';
import { describe, expect, it, vi } from 'vitest';
import { RosterPreview } from './components/RosterPreview';
import { readSheets } from './readSheets';
import { RosterPage } from './RosterPage';

const roster: Schemas['Roster'] = {
    lines: [],
    problems: [],
    unknown_types: [],
    columns: [],
    text: '',
    encoding: 'UTF-8',
    encodings: [
        { key: 'UTF-8', name: 'UTF-8' },
        { key: 'Windows-1252', name: 'western, Windows-1252' },
    ],
    figures: 0,
    units: 0,
    taken: false,
};

const line = {
    line: 2,
    unit: 'Watch',
    figure_type: 'lamplighter',
    count: 4,
    tier: 'muster',
    leader_count: 1,
    leader_tier: 'guard',
    note: '',
};

describe('a roster that was read', () => {
    it('tells what is wrong by line and column, and asks what is meant', async () => {
        const onMean = vi.fn();
        const problem: Schemas['RosterProblem'] = {
            line: 3,
            column: 'leader_tier',
            code: 'unknown-tier',
            message: 'There is no tier "Gaurd". Is it Guard?',
            word: 'Gaurd',
            offers: [
                { key: 'guard', name: 'Guard', like: true },
                { key: 'muster', name: 'Muster', like: false },
            ],
        };
        render(<RosterPreview roster={{ ...roster, problems: [problem] }} onMean={onMean} />);
        const row = within(screen.getByRole('alert')).getAllByRole('row')[1];
        expect(row?.textContent).toContain('3leader tierThere is no tier "Gaurd". Is it Guard?');
        expect(screen.queryByRole('button', { name: /Muster is meant/ })).toBeNull();
        await userEvent.click(screen.getByRole('button', { name: 'Line 3: Guard is meant' }));
        expect(onMean).toHaveBeenCalledExactlyOnceWith({ kind: 'tier', word: 'Gaurd', key: 'guard' });
    });

    it('shows the units as they would be taken', () => {
        render(<RosterPreview roster={{ ...roster, lines: [line], figures: 4, units: 1 }} onMean={() => undefined} />);
        expect(screen.getByText('4 figures in 1 unit, as they would be taken')).toBeTruthy();
        expect(screen.getByText('1 at guard')).toBeTruthy();
    });
});

/** A spreadsheet file of our own, with what such files hold: words, numbers, a formula with what it came to, cells that are joined. */
function spreadsheet(sheets: Record<string, string>): File {
    const names = Object.keys(sheets);
    const book = `<workbook xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main" xmlns:r="http://schemas.openxmlformats.org/officeDocument/2006/relationships"><sheets>${names.map((name, i) => `<sheet name="${name}" sheetId="${i + 1}" r:id="r${i + 1}"/>`).join('')}</sheets></workbook>`;
    const links = `<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships">${names.map((_, i) => `<Relationship Id="r${i + 1}" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/worksheet" Target="worksheets/sheet${i + 1}.xml"/>`).join('')}</Relationships>`;
    const parts = Object.fromEntries(
        Object.values(sheets).map((rows, i) => [
            `xl/worksheets/sheet${i + 1}.xml`,
            strToU8(
                `<worksheet xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main"><sheetData>${rows}</sheetData></worksheet>`,
            ),
        ]),
    );
    const bytes = zipSync({ 'xl/workbook.xml': strToU8(book), 'xl/_rels/workbook.xml.rels': strToU8(links), ...parts });
    // The page of the tests has files without their bytes.
    return Object.assign(new File([], 'Roster.XLSX'), { arrayBuffer: () => Promise.resolve(bytes.buffer) });
}

const cell = (at: string, words: string) => `<c r="${at}" t="inlineStr"><is><t>${words}</t></is></c>`;
const LIST =
    `<row r="1">${cell('A1', 'Squad')}${cell('B1', 'Type')}${cell('C1', 'Qty')}${cell('D1', 'Tier')}</row>` +
    `<row r="2">${cell('A2', 'Watch, first')}${cell('B2', 'lamp "long" lighter')}<c r="C2"><f>2+2</f><v>4</v></c>${cell('D2', 'Muster')}</row>`;

describe('a spreadsheet file', () => {
    it('becomes the text of a list, sheet by sheet, formulas as what they came to', async () => {
        const sheets = await readSheets(spreadsheet({ List: LIST, Empty: '', More: `<row r="1">${cell('A1', 'unit')}</row>` }));
        expect(sheets).toEqual([
            { name: 'List', text: 'Squad,Type,Qty,Tier\n"Watch, first","lamp ""long"" lighter",4,Muster' },
            { name: 'More', text: 'unit' },
        ]);
    });

    it('that is none is refused', async () => {
        await expect(readSheets(new File(['unit,count'], 'a.xlsx'))).rejects.toThrow();
    });
});

function page(answer: Parameters<typeof answering>[0]) {
    const sent = answering(answer);
    render(<RosterPage />, [
        [['session'], session()],
        [['jobs', NaN], { name: 'Guard', standard: { version: '1' }, tiers: [], surfaces: [] }],
    ]);
    return sent;
}

describe('taking a roster', () => {
    it('puts a spreadsheet down as text, reads it, and says the columns that somebody names', async () => {
        const unknown = { ...roster, columns: [{ heading: 'Points', as: null, left_out: false }] };
        const sent = page(() => [200, unknown]);
        await userEvent.upload(await screen.findByLabelText(/or take a file/), spreadsheet({ List: LIST, More: LIST }), {
            applyAccept: false,
        });
        await waitFor(() =>
            expect(screen.getByLabelText<HTMLTextAreaElement>(/Paste the list/).value).toContain('"Watch, first"'),
        );
        expect(await screen.findByLabelText('Sheet of the file')).toBeTruthy();
        expect(await screen.findByText('Say what it is, or leave it out.')).toBeTruthy();
        await userEvent.click(screen.getByLabelText('What Points is'));
        await userEvent.click(await screen.findByTitle('left out'));
        await waitFor(() => expect(sent.at(-1)?.body).toMatchObject({ columns: [{ heading: 'Points', as: null }] }));
    });

    it('shows how the letters of a file were read, and puts down its text', async () => {
        page(() => [200, { ...roster, text: 'unit\nWächter', encoding: 'Windows-1252' }]);
        await userEvent.upload(await screen.findByLabelText(/or take a file/), new File(['x'], 'list.csv'), {
            applyAccept: false,
        });
        expect(await screen.findByText('western, Windows-1252')).toBeTruthy();
        expect(screen.getByLabelText<HTMLTextAreaElement>(/Paste the list/).value).toBe('unit\nWächter');
    });

    it('says that a file is no spreadsheet', async () => {
        page(() => [200, roster]);
        await userEvent.upload(await screen.findByLabelText(/or take a file/), new File(['x'], 'a.xlsx'), { applyAccept: false });
        expect((await screen.findByRole('alert')).textContent).toContain('This is no spreadsheet that can be read.');
    });

    it('takes what was read, with what was said of words', async () => {
        const problem: Schemas['RosterProblem'] = {
            line: 2,
            column: 'tier',
            code: 'unknown-tier',
            message: 'There is no tier "Mustr". Is it Muster?',
            word: 'Mustr',
            offers: [{ key: 'muster', name: 'Muster', like: true }],
        };
        const sent = page(({ body }) =>
            (body as { words: unknown[] }).words.length === 0
                ? [200, { ...roster, problems: [problem] }]
                : [200, { ...roster, lines: [line], figures: 4, units: 1 }],
        );
        await userEvent.type(await screen.findByLabelText(/Paste the list/), 'unit');
        await userEvent.click(screen.getByRole('button', { name: 'Read it' }));
        await userEvent.click(await screen.findByRole('button', { name: 'Line 2: Muster is meant' }));
        await userEvent.click(await screen.findByRole('button', { name: 'Take 4 figures in 1 unit' }));
        await waitFor(() => expect(sent.at(-1)?.path.endsWith('/roster')).toBe(true));
        await waitFor(() =>
            expect(sent.at(-1)).toMatchObject({
                body: { text: 'unit', columns: [], words: [{ kind: 'tier', word: 'Mustr', key: 'muster' }] },
            }),
        );
    });
});
