import { api, unwrap } from '@api';
import { count } from '@shared/format';
import { ErrorNote } from '@shared/ErrorNote';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import type { Draft } from '../document';
import { differenceOptions, standardKeys } from '../queries';
import { Field } from '@shared/Field';
import { JobMoves } from './JobMoves';
import { SidePanel } from '@shared/SidePanel';
import { useKept } from '@shared/kept';
import { DifferenceLines } from './VersionsPanel';

/** The last look at a draft before it is put in force. */
export function ForcePanel({ draft, onClose, onDone }: { draft: Draft; onClose: () => void; onDone: () => void }) {
    const { sheet } = draft;
    const [why, setWhy] = useKept('why in force');
    const difference = useQuery({ ...differenceOptions(sheet.id), staleTime: 0 });
    const client = useQueryClient();
    const force = useMutation({
        mutationFn: () =>
            unwrap(
                api.POST('/api/standards/{standardVersion}/in-force', {
                    params: { path: { standardVersion: sheet.id } },
                    body: { revision: sheet.revision, why },
                }),
            ),
        onSuccess: () => {
            setWhy('');
            void client.invalidateQueries({ queryKey: standardKeys.all });
            onDone();
        },
    });
    const open = sheet.findings.filter((finding) => finding.accepted === null && !finding.advice);
    return (
        <SidePanel title={`Put ${sheet.version} in force`} onClose={onClose}>
            <h3>
                {difference.data?.against == null
                    ? 'The first version: nothing to compare it with'
                    : `What it changes against ${difference.data.against}`}
            </h3>
            {difference.data?.against != null &&
                (difference.data.lines.length === 0 ? (
                    <p>Nothing differs.</p>
                ) : (
                    <DifferenceLines lines={difference.data.lines} />
                ))}
            {open.length > 0 && (
                <p>
                    <span aria-hidden="true">◆ </span>
                    {count(open.length, 'finding')} neither settled nor accepted. They do not stop you; they will be asked about.
                </p>
            )}
            <JobMoves version={sheet.id} canMove={false} />
            <p>Running jobs stay on their version until you move them. New jobs take this one.</p>
            <Field label="Why" error={force.error?.byField()['why']}>
                {(id) => (
                    <Input.TextArea
                        id={id}
                        rows={2}
                        maxLength={500}
                        value={why}
                        onChange={(event) => setWhy(event.target.value)}
                    />
                )}
            </Field>
            {force.error?.code === 'stale' ? (
                <p className="field-error" role="alert">
                    ◆ {force.error.message}
                </p>
            ) : (
                <ErrorNote error={force.error?.byField()['why'] === undefined ? force.error : null} />
            )}
            <Button type="primary" loading={force.isPending} onClick={() => force.mutate()}>
                Put it in force
            </Button>
        </SidePanel>
    );
}
