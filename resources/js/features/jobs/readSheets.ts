import type { CellValue } from 'read-excel-file/universal';

/** A sheet of a spreadsheet file, as the text of a list. */
export interface Sheet {
    name: string;
    text: string;
}

/** The sheets of an .xlsx file that hold something, read here in the browser. Formulas are what they came to when it was saved. */
export async function readSheets(file: File): Promise<Sheet[]> {
    // Only who takes a spreadsheet loads what reads it.
    const { default: read } = await import('read-excel-file/universal');
    const sheets = await read(file);
    return sheets
        .map(({ sheet, data }) => ({ name: sheet, text: data.map((row) => row.map(written).join(',')).join('\n') }))
        .filter(({ text }) => text.replaceAll(/[,\s]/g, '') !== '');
}

export function isSpreadsheet(file: File): boolean {
    return file.name.toLowerCase().endsWith('.xlsx');
}

function written(cell: CellValue | null): string {
    const text = cell === null ? '' : cell instanceof Date ? cell.toISOString().slice(0, 10) : String(cell);
    return /[",;\t\n\r]/.test(text) ? `"${text.replaceAll('"', '""')}"` : text;
}
