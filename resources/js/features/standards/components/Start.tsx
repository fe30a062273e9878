import { api, unwrap } from '@api';
import { count } from '@shared/format';
import { ErrorNote } from '@shared/ErrorNote';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { laddersOptions, standardKeys } from '../queries';

/** A studio without a standard: a ladder to start from. */
export function Start({ onBegun, onFile }: { onBegun: (version: number) => void; onFile: () => void }) {
    const ladders = useQuery(laddersOptions());
    const client = useQueryClient();
    const begin = useMutation({
        mutationFn: (ladder: string) => unwrap(api.POST('/api/standards', { body: { ladder } })),
        onSuccess: async (row) => {
            await client.invalidateQueries({ queryKey: standardKeys.all });
            onBegun(row.id);
        },
    });
    return (
        <div className="start">
            <p>
                The standard says what each tier includes, surface by surface, and how it is judged. Every bench sheet, check list
                and certificate follows from it. Start from a plain ladder and make it yours, or from the first rung.
            </p>
            <ErrorNote error={begin.error} />
            <ul className="ladders">
                {(ladders.data ?? []).map((ladder) => (
                    <li key={ladder.id}>
                        <span className="ladder-mark" aria-hidden="true">
                            {Array.from({ length: ladder.tiers }, (_, i) => (
                                <i key={i} style={{ height: 8 + i * 7 }} />
                            ))}
                        </span>
                        <h2>{ladder.name}</h2>
                        <p>{ladder.about}</p>
                        <Button
                            type={ladder.id === 'four' ? 'primary' : 'default'}
                            loading={begin.isPending}
                            onClick={() => begin.mutate(ladder.id)}
                        >
                            {ladder.tiers === 0 ? 'Start empty' : `Start from ${count(ladder.tiers, 'tier')}`}
                        </Button>
                    </li>
                ))}
            </ul>
            <button type="button" className="link-button" onClick={onFile}>
                Or take a standard from a file
            </button>
        </div>
    );
}
