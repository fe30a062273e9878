import { api, type Schemas, unwrap } from '@api';
import { ErrorNote } from '@shared/ErrorNote';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Button, Modal } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { jobKeys } from '../queries';

/** Deletes a job, which cannot be taken back; so it is asked about. */
export function DeleteJob({ job }: { job: Schemas['Job'] }) {
    const client = useQueryClient();
    const navigate = useNavigate();
    const [asks, setAsks] = useState(false);
    const deleting = useMutation<Schemas['JobSummary'][]>({
        mutationFn: () =>
            unwrap(api.DELETE('/api/jobs/{job}', { params: { path: { job: job.id }, query: { version: job.version } } })),
        onSuccess: async (jobs) => {
            await navigate('/jobs');
            client.removeQueries({ queryKey: jobKeys.detail(job.id) });
            client.setQueryData(jobKeys.all, jobs);
            void client.invalidateQueries({ queryKey: ['bench'] });
        },
    });
    return (
        <>
            <Button onClick={() => setAsks(true)}>Delete the job…</Button>
            <Modal
                open={asks}
                title={`Delete ${job.name}?`}
                okText="Delete it"
                cancelText="Keep it"
                confirmLoading={deleting.isPending}
                onOk={() => deleting.mutate()}
                onCancel={() => {
                    setAsks(false);
                    deleting.reset();
                }}
            >
                <p>
                    Its units, figures and what was agreed of them are gone then, and it cannot be taken back. A job of which
                    something was painted or offered stays; it can be closed.
                </p>
                <ErrorNote error={deleting.error} />
            </Modal>
        </>
    );
}
