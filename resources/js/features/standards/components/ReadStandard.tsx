import { api, type Schemas, unwrap } from '@api';
import { useSession } from '@features/session';
import { Loaded } from '@shared/Loaded';
import { useKeys } from '@shared/useKeys';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { App, Button } from 'antd';
import { useNavigate } from 'react-router';
import { useFilter } from '../filter';
import { usePanel } from '../panel';
import { sheetOptions, standardKeys } from '../queries';
import { CellCard } from './CellCard';
import { FilePanel } from './FilePanel';
import { ProposalsPanel } from './ProposalsPanel';
import { Sheet } from './Sheet';
import { StandardHead } from './StandardHead';
import { Toolbar } from './Toolbar';
import { VersionsPanel } from './VersionsPanel';

type Row = Schemas['StandardVersionRow'];

/** A version as everybody reads it. */
export function ReadStandard({ row, rows }: { row: Row; rows: readonly Row[] }) {
    const sheet = useQuery(sheetOptions(row.id));
    const { user, studio } = useSession();
    const { panel, open } = usePanel();
    const filter = useFilter();
    const navigate = useNavigate();
    const { begin, isBeginning } = useBegin(row);
    const draft = rows.find((one) => one.state === 'draft');
    const isLead = user.role === 'lead';
    useKeys(
        {
            c: { does: 'compares tiers and versions', deed: () => void navigate(`/standard/${row.id}/compare`) },
            ...(isLead
                ? {
                      d: {
                          does: draft === undefined ? 'drafts a change' : 'goes to the draft',
                          deed: () => (draft === undefined ? begin() : void navigate(`/standard/${draft.id}`)),
                      },
                  }
                : {}),
        },
        studio.single_keys,
    );
    return (
        <Loaded query={sheet}>
            {(data) => (
                <div className="standard">
                    <StandardHead sheet={data} rows={rows} open={open}>
                        {isLead && (
                            <Button
                                type="primary"
                                loading={isBeginning}
                                onClick={() => (draft === undefined ? begin() : void navigate(`/standard/${draft.id}`))}
                            >
                                {draft === undefined ? 'Draft a change' : `To the draft ${draft.version}`} <kbd>D</kbd>
                            </Button>
                        )}
                    </StandardHead>
                    <Toolbar sheet={data} filter={filter} choosesColours />
                    <div className="sheet-and-side">
                        <Sheet sheet={data} filter={filter} panel={panel} onOpen={open} />
                        {(panel?.kind === 'cell' || panel?.kind === 'tier' || panel?.kind === 'surface') && (
                            <CellCard sheet={data} panel={panel} onClose={() => open(null)} />
                        )}
                        {panel?.kind === 'versions' && <VersionsPanel version={row.id} onClose={() => open(null)} />}
                        {panel?.kind === 'proposals' && (
                            <ProposalsPanel
                                isLead={isLead}
                                onOpen={
                                    draft === undefined
                                        ? null
                                        : (tier, surface) =>
                                              void navigate(
                                                  `/standard/${draft.id}?${new URLSearchParams({ panel: 'cell', of: tier, on: surface }).toString()}`,
                                              )
                                }
                                onClose={() => open(null)}
                            />
                        )}
                        {panel?.kind === 'file' && (
                            <FilePanel onClose={() => open(null)} onTaken={(id) => void navigate(`/standard/${id}`)} />
                        )}
                    </div>
                </div>
            )}
        </Loaded>
    );
}

function useBegin(row: Row) {
    const client = useQueryClient();
    const navigate = useNavigate();
    const { notification } = App.useApp();
    const begin = useMutation({
        mutationFn: () => unwrap(api.POST('/api/standards', { body: { from: row.id } })),
        onSuccess: async (draft) => {
            await client.invalidateQueries({ queryKey: standardKeys.all });
            void navigate(`/standard/${draft.id}`);
        },
        onError: (error) => notification.error({ title: 'No draft begun', description: error.message, duration: 0 }),
    });
    return { begin: () => begin.mutate(), isBeginning: begin.isPending };
}
