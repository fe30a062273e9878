import { api, type Schemas, unwrap } from '@api';
import { useSession } from '@features/session';
import { Loaded } from '@shared/Loaded';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { App, Button, Popconfirm } from 'antd';
import { useEffect, useMemo } from 'react';
import { useNavigate } from 'react-router';
import { type Draft, piece, revisionOf, withMember } from '../document';
import { useFilter } from '../filter';
import { headOf } from '../head';
import { usePanel } from '../panel';
import { draftOptions, standardKeys } from '../queries';
import { useDraft } from '../useDraft';
import { AddThings } from './AddThings';
import { DraftPanel } from './DraftPanel';
import { FilePanel } from './FilePanel';
import type { FindingDeeds } from './FindingNote';
import { ProposalsPanel } from './ProposalsPanel';
import { Sheet } from './Sheet';
import { StandardHead } from './StandardHead';
import { Toolbar } from './Toolbar';
import { VersionsPanel } from './VersionsPanel';

type Row = Schemas['StandardVersionRow'];
type Finding = Schemas['SheetFinding'];

/** A draft as the lead writes it. */
export function WriteStandard({ row, rows }: { row: Row; rows: readonly Row[] }) {
    const draft = useQuery(draftOptions(row.id));
    return <Loaded query={draft}>{(data) => <Writing draft={data} rows={rows} />}</Loaded>;
}

function Writing({ draft, rows }: { draft: Draft; rows: readonly Row[] }) {
    const { sheet } = draft;
    const { panel, open } = usePanel();
    const filter = useFilter();
    const navigate = useNavigate();
    const work = useDraft(sheet.id);
    const deeds = useFindingDeeds(draft, work);
    useUndoKeys(work);
    return (
        <div className="standard">
            <StandardHead sheet={sheet} rows={rows} open={open}>
                <Button disabled={draft.undo === 0} onClick={work.undo}>
                    Undo
                </Button>
                <Button disabled={draft.redo === 0} onClick={work.redo}>
                    Redo
                </Button>
                <Discard version={sheet.id} />
                <Button type="primary" onClick={() => open({ kind: 'force' })}>
                    Put in force
                </Button>
            </StandardHead>
            <div className="tools-row">
                <Toolbar sheet={sheet} filter={filter} />
                <AddThings draft={draft} onChange={work.changeAsync} open={open} />
                <button type="button" className="plain-button tool" onClick={() => open({ kind: 'techniques' })}>
                    Techniques
                </button>
                <button type="button" className="plain-button tool" onClick={() => open({ kind: 'schools' })}>
                    Schools
                </button>
            </div>
            {sheet.tiers.length === 0 && (
                <p className="first-tier">
                    No tier yet. Add the lowest one first: say how it is judged, then go through its surfaces one by one. Each is
                    asked, or not asked for; a few minutes are enough.
                </p>
            )}
            <div className="sheet-and-side">
                <Sheet sheet={sheet} filter={filter} panel={panel} onOpen={open} deeds={deeds} />
                {panel?.kind === 'versions' && <VersionsPanel version={sheet.id} onClose={() => open(null)} />}
                {panel?.kind === 'proposals' && (
                    <ProposalsPanel
                        isLead
                        onOpen={(tier, surface) => open({ kind: 'cell', tier, surface })}
                        onClose={() => open(null)}
                    />
                )}
                {panel?.kind === 'file' && (
                    <FilePanel onClose={() => open(null)} onTaken={(id) => void navigate(`/standard/${id}`)} />
                )}
                {panel !== null && <DraftPanel draft={draft} panel={panel} deeds={deeds} work={work} open={open} />}
            </div>
        </div>
    );
}

function Discard({ version }: { version: number }) {
    const client = useQueryClient();
    const navigate = useNavigate();
    const { notification } = App.useApp();
    const discard = useMutation({
        mutationFn: () =>
            unwrap(api.DELETE('/api/standards/{standardVersion}', { params: { path: { standardVersion: version } } })),
        onSuccess: async () => {
            await navigate('/standard');
            await client.invalidateQueries({ queryKey: standardKeys.all });
        },
        onError: (error) => notification.error({ title: 'Not discarded', description: error.message, duration: 0 }),
    });
    return (
        <Popconfirm
            title="Throw this draft away?"
            description="It cannot be had back."
            okText="Throw it away"
            onConfirm={() => discard.mutate()}
        >
            <Button>Discard</Button>
        </Popconfirm>
    );
}

function useFindingDeeds(draft: Draft, work: ReturnType<typeof useDraft>): FindingDeeds {
    const { user } = useSession();
    const { change } = work;
    return useMemo(() => {
        const head = headOf(draft.document);
        const accepted = head.accepted ?? [];
        const without = (finding: Finding) =>
            accepted.filter(
                (one) =>
                    one.code !== finding.code ||
                    one.tier !== finding.tier ||
                    (one.surface ?? null) !== finding.surface ||
                    (one.use ?? null) !== finding.use,
            );
        const store = (next: typeof accepted) =>
            change([
                {
                    ...piece('head'),
                    revision: draft.revisions.head,
                    value: withMember(head, 'accepted', next.length === 0 ? undefined : next),
                },
            ]);
        return {
            fix: ({ fix }) => {
                if (fix !== null) {
                    const of = { kind: fix.kind as 'cell' | 'tier', id: fix.id, surface: fix.surface };
                    change([{ ...of, revision: revisionOf(draft, of), value: fix.value }]);
                }
            },
            accept: (finding, reason) =>
                store([
                    ...without(finding),
                    {
                        code: finding.code,
                        tier: finding.tier,
                        ...(finding.surface === null ? {} : { surface: finding.surface }),
                        ...(finding.use === null ? {} : { use: finding.use }),
                        reason,
                        by: user.name,
                    },
                ]),
            unaccept: (finding) => store(without(finding)),
        };
        // eslint-disable-next-line react-hooks/exhaustive-deps -- deeds are of this state of the draft
    }, [draft, user.name]);
}

/** Ctrl Z and Ctrl Shift Z, where no text is being written. */
function useUndoKeys(work: ReturnType<typeof useDraft>) {
    const { undo, redo } = work;
    useEffect(() => {
        const onKey = (event: KeyboardEvent) => {
            const isTyping = event.target instanceof HTMLElement && event.target.closest('input, textarea') !== null;
            if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z' && !isTyping) {
                event.preventDefault();
                (event.shiftKey ? redo : undo)();
            }
        };
        window.addEventListener('keydown', onKey);
        return () => window.removeEventListener('keydown', onKey);
    });
}
