import type { Schemas } from '@api';
import { count } from '@shared/format';
import { isTyping } from '@shared/isTyping';
import { useQuery } from '@tanstack/react-query';
import { App } from 'antd';
import { useEffect, useRef } from 'react';
import { asTable, readPasted } from './pasted';
import { peopleOptions } from './queries';
import type { Row } from './rows';
import type { useAssign } from './useAssign';
import type { Selection } from './useSelection';

interface Of {
    job: Schemas['Job'];
    rows: readonly Row[];
    selection: Selection;
    assign: ReturnType<typeof useAssign>;
    enabled: boolean;
}

/** What is copied and pasted while nothing is being typed: rows to a spreadsheet, tiers and painters from one. */
export function useGridClipboard({ job, rows, selection, assign, enabled }: Of) {
    const { notification, message } = App.useApp();
    const people = useQuery(peopleOptions()).data;
    const chosen = selection.chosen.length === 0 ? rows : selection.chosen;
    const paste = (text: string) => {
        const focused = document.activeElement?.closest('tr')?.dataset['row'];
        const from = rows.findIndex((row) => row.key === focused);
        const targets = selection.chosen.length > 0 ? selection.chosen : from < 0 ? [] : rows.slice(from);
        const one = !text.trim().includes('\n') && selection.chosen.length === 0 ? targets.slice(0, 1) : targets;
        const read = readPasted(text, one, { tiers: job.tiers, people: people ?? [] });
        const wrong =
            targets.length === 0
                ? 'Choose the rows that it is for, or go to the first of them.'
                : read.unknown.length > 0
                  ? `Neither a tier nor a painter: ${read.unknown.join(', ')}. Nothing was changed.`
                  : read.over > 0
                    ? `${count(read.over, 'line')} more than there are rows for. Nothing was changed.`
                    : null;
        if (wrong !== null) {
            notification.error({ title: 'Not pasted', description: wrong, duration: 0 });
        } else if (read.rows.length > 0) {
            assign.rows({ rows: read.rows });
        }
    };
    const onCopy = () => {
        void message.success(`${count(chosen.length, 'row')} copied`);
        return asTable(chosen, job);
    };
    const latest = useRef({ paste, onCopy });
    useEffect(() => {
        latest.current = { paste, onCopy };
    });
    useEffect(() => {
        const copied = (event: ClipboardEvent) => {
            if (!isTyping(event.target) && window.getSelection()?.isCollapsed !== false) {
                event.clipboardData?.setData('text/plain', latest.current.onCopy());
                event.preventDefault();
            }
        };
        const pasted = (event: ClipboardEvent) => {
            if (enabled && !isTyping(event.target)) {
                latest.current.paste(event.clipboardData?.getData('text/plain') ?? '');
                event.preventDefault();
            }
        };
        document.addEventListener('copy', copied);
        document.addEventListener('paste', pasted);
        return () => {
            document.removeEventListener('copy', copied);
            document.removeEventListener('paste', pasted);
        };
    }, [enabled]);
}
