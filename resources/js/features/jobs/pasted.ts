import { minutes } from '@shared/format';
import { asRead, nameOf, type Row } from './rows';

interface Names {
    tiers: readonly { key: string; name: string; retired: boolean }[];
    people: readonly { id: number; name: string }[];
}

type Own = { tier?: string; painter_id?: number | null };

/** Rows as a spreadsheet takes them. */
export function asTable(rows: readonly Row[], { tiers }: Pick<Names, 'tiers'>): string {
    const lines = rows.map((row) => {
        const painters = [...new Set(row.group.figures.map((figure) => figure.painter?.name ?? 'nobody'))];
        const tier = tiers.find((one) => one.key === row.group.tier)?.name ?? row.group.tier;
        return [
            nameOf(row),
            row.group.type,
            row.group.figures.length,
            tier,
            painters.join(', '),
            minutes(row.group.minutes),
            minutes(row.group.minutes_all),
        ];
    });
    return [['unit', 'type', 'figures', 'tier', 'painter', 'each', 'all'], ...lines].map((line) => line.join('\t')).join('\n');
}

/** What a pasted line gives a row: a tier, a painter or both, by name; the words that are neither. */
function readLine(line: string, { tiers, people }: Names): { own: Own; unknown: string[] } {
    const own: Own = {};
    const unknown: string[] = [];
    for (const word of line.split('\t').map((cell) => cell.trim())) {
        const is = (name: string) => name.toLowerCase() === word.toLowerCase();
        const tier = tiers.find((one) => is(one.name) && !one.retired);
        const person = people.find((one) => is(one.name));
        if (tier !== undefined) {
            own.tier = tier.key;
        } else if (person !== undefined) {
            own.painter_id = person.id;
        } else if (is('nobody')) {
            own.painter_id = null;
        } else if (word !== '') {
            unknown.push(word);
        }
    }
    return { own, unknown };
}

export interface Pasted {
    rows: (ReturnType<typeof asRead> & Own)[];
    /** Words that name neither a tier nor a painter. */
    unknown: string[];
    /** Lines for which there was no row. */
    over: number;
}

/** One line is for all rows that are given, several are for one each. */
export function readPasted(text: string, rows: readonly Row[], names: Names): Pasted {
    const lines = text.replace(/\r/g, '').replace(/\n+$/, '').split('\n');
    const read = lines.map((line) => readLine(line, names));
    const [first] = read;
    const given = rows.flatMap((row, at) => {
        const line = lines.length === 1 ? first : read[at];
        return line === undefined || Object.keys(line.own).length === 0 ? [] : [{ ...asRead(row), ...line.own }];
    });
    return {
        rows: given,
        unknown: [...new Set(read.flatMap((line) => line.unknown))],
        over: lines.length === 1 ? 0 : Math.max(0, lines.length - rows.length),
    };
}
