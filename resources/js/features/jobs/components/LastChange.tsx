import type { Schemas } from '@api';
import { useKeys } from '@shared/useKeys';
import { useSession } from '@features/session';
import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { changesOptions } from '../queries';
import type { useAssign } from '../useAssign';
import { HistorySide } from './HistorySide';

interface Props {
    job: number;
    assign: ReturnType<typeof useAssign>;
}

/** What was changed last, with the way back, and all that was changed before. */
export function LastChange({ job, assign }: Props) {
    const { studio } = useSession();
    const [open, setOpen] = useState(false);
    const changes = useQuery(changesOptions(job, 1)).data?.changes ?? [];
    const last = changes.find((change) => !change.takes_back && !change.taken_back);
    const takeBack = () => {
        if (last !== undefined && !assign.isPending) {
            assign.takeBack(last.id);
        }
    };
    useKeys({ u: { does: 'takes the last change back', deed: takeBack } }, studio.single_keys);
    if (changes.length === 0) {
        return null;
    }
    return (
        <p className="last-change">
            {last !== undefined && (
                <>
                    <span>Changed last: {inShort(last)}</span>
                    <Button size="small" disabled={assign.isPending} onClick={takeBack}>
                        Take it back
                    </Button>
                </>
            )}
            <Button size="small" onClick={() => setOpen(true)}>
                History
            </Button>
            {open && <HistorySide job={job} assign={assign} onClose={() => setOpen(false)} />}
        </p>
    );
}

function inShort({ words, who }: Schemas['JobChangeLine']): string {
    const more = words.length > 1 ? ` And ${String(words.length - 1)} more.` : '';
    return `${words[0] ?? ''}${more} ${who}`;
}
