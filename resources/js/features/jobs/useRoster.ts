import type { Schemas } from '@api';
import { useKept } from '@shared/kept';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { type Given, jobKeys, previewRoster, readRosterFile, takeRoster, type Word } from './queries';
import { isSpreadsheet, readSheets, type Sheet } from './readSheets';

/** A roster that is put down, read, and taken. A file is put down as its text, which can be corrected and is kept. */
export function useRoster(job: number) {
    const client = useQueryClient();
    const navigate = useNavigate();
    const [text, setText] = useKept('roster');
    const [said, setSaid] = useState<Pick<Given, 'columns' | 'words'>>({ columns: {}, words: [] });
    const [file, setFile] = useState<File | null>(null);
    const [sheets, setSheets] = useState<Sheet[]>([]);
    const [sheet, setSheet] = useState<string | null>(null);
    const [unreadable, setUnreadable] = useState<string | null>(null);
    // While it is read again the last reading stays, with the forms of types below it.
    const [read, setRead] = useState<Schemas['Roster'] | undefined>();
    const given: Given = { text, ...said };
    const preview = useMutation({ mutationFn: (one: Given) => previewRoster(job, one), onSuccess: setRead });
    const reading = useMutation({
        mutationFn: ({ of, encoding }: { of: File; encoding: string | null }) => readRosterFile(job, of, encoding),
        onSuccess: (roster) => {
            setText(roster.text);
            setRead(roster);
        },
    });
    const taking = useMutation({
        mutationFn: (one: Given) => takeRoster(job, one),
        onSuccess: async (roster) => {
            if (roster.taken) {
                setText('');
                await client.invalidateQueries({ queryKey: jobKeys.all });
                await navigate(`/jobs/${job}`);
            } else {
                setRead(roster);
            }
        },
    });
    const readAs = (one: Given) => {
        setText(one.text);
        setSaid({ columns: one.columns, words: one.words });
        preview.mutate(one);
    };
    const takeSheet = (name: string, of: Sheet[] = sheets) => {
        setSheet(name);
        readAs({ ...given, text: of.find((one) => one.name === name)?.text ?? '' });
    };
    const takeFile = (chosen: File, encoding: string | null = null) => {
        setUnreadable(null);
        setSheets([]);
        if (!isSpreadsheet(chosen)) {
            setFile(chosen);
            reading.mutate({ of: chosen, encoding });
            return;
        }
        setFile(null);
        readSheets(chosen).then(
            (found) => {
                setSheets(found);
                if (found[0] === undefined) {
                    setUnreadable('There is nothing in this spreadsheet.');
                } else {
                    takeSheet(found[0].name, found);
                }
            },
            () => setUnreadable('This is no spreadsheet that can be read. Save it again as .xlsx, or as CSV.'),
        );
    };
    return {
        given,
        read,
        file,
        sheets,
        sheet,
        unreadable,
        error: reading.error ?? preview.error ?? taking.error,
        isReading: preview.isPending || reading.isPending,
        isTaking: taking.isPending,
        write: setText,
        takeFile,
        takeSheet: (name: string) => takeSheet(name),
        again: () => preview.mutate(given),
        say: (heading: string, as: string | null) => readAs({ ...given, columns: { ...given.columns, [heading]: as } }),
        mean: (word: Word) => readAs({ ...given, words: [...given.words, word] }),
        take: () => taking.mutate(given),
    };
}
