import type { ApiError, Schemas } from '@api';
import { ErrorNote } from '@shared/ErrorNote';
import { TextField } from '@shared/Field';
import { Button } from 'antd';
import { useState } from 'react';
import { useFindings } from '../useFindings';
import type { View } from '../queries';

type Finding = Pick<Schemas['SchemeFinding'], 'code' | 'figure_type' | 'area' | 'place' | 'accepted'>;

interface Props {
    scheme: Schemas['Scheme'];
    view: View;
    finding: Finding;
}

/** A finding is meant so: said once, with why, and taken back by one press. */
export function FindingDeed({ scheme, view, finding }: Props) {
    const [open, setOpen] = useState(false);
    const [reason, setReason] = useState('');
    const { accept, reconsider } = useFindings(scheme, view);
    if (finding.accepted !== null) {
        return (
            <>
                <small>
                    Meant so ({finding.accepted.by}): {finding.accepted.reason}
                </small>{' '}
                <Button size="small" loading={reconsider.isPending} onClick={() => reconsider.mutate(finding)}>
                    Think about it again
                </Button>
                <Refused error={reconsider.error} />
            </>
        );
    }
    if (!open) {
        return (
            <Button size="small" onClick={() => setOpen(true)}>
                It is meant so
            </Button>
        );
    }
    return (
        <form
            className="finding-deed"
            onSubmit={(event) => {
                event.preventDefault();
                accept.mutate({ finding, reason });
            }}
        >
            <TextField label="Why it is meant so" value={reason} error={reasonError(accept.error)} onChange={setReason} />
            <Button size="small" type="primary" htmlType="submit" loading={accept.isPending}>
                Keep it so
            </Button>
            <Button size="small" onClick={() => setOpen(false)}>
                Cancel
            </Button>
            {reasonError(accept.error) === undefined && <Refused error={accept.error} />}
        </form>
    );
}

function reasonError(error: ApiError | null): string | undefined {
    return error?.path === '/reason' ? error.message : undefined;
}

function Refused({ error }: { error: ApiError | null }) {
    return error === null ? null : <ErrorNote error={error} />;
}
