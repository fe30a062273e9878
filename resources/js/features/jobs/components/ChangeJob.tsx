import { api, type ApiError, type Schemas, unwrap } from '@api';
import { SidePanel } from '@shared/SidePanel';
import { DateField, today } from '@shared/days';
import { ErrorNote } from '@shared/ErrorNote';
import { Field, TextField } from '@shared/Field';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Button, Select } from 'antd';
import { useState } from 'react';
import { jobKeys } from '../queries';
import { PURPOSES } from './ClientsSay';
import { DeleteJob } from './DeleteJob';

type State = Schemas['Job']['state'];

/** Where a job can go from where it is. */
const WAYS: Record<State, readonly { to: State; name: string }[]> = {
    open: [{ to: 'closed', name: 'Close the job' }],
    closed: [
        { to: 'open', name: 'Open it again' },
        { to: 'archived', name: 'Archive it' },
    ],
    archived: [
        { to: 'closed', name: 'Out of the archive' },
        { to: 'open', name: 'Open it again' },
    ],
};

const SAY: Record<State, string> = {
    open: 'A closed job leaves bench, plan and paints; its records stay, and it can be opened again.',
    closed: 'Opened again it is back on bench, plan and paints. An archived one leaves the list of jobs, too; it is found by its name.',
    archived: 'It is listed with the archived jobs, and found by its name. Its records stay as they are.',
};

interface Props {
    job: Schemas['Job'];
    onClose: () => void;
}

/** What a job is called, whose it is, of which force, when it is due, what is noted of it; and whether it runs. */
export function ChangeJob({ job, onClose }: Props) {
    const client = useQueryClient();
    const [values, setValues] = useState({
        name: job.name,
        client: job.client,
        force: job.force,
        due: job.due ?? '',
        notes: job.notes,
        purpose: job.purpose,
    });
    const changing = useMutation<Schemas['Job'], ApiError, State>({
        mutationFn: (state) =>
            unwrap(
                api.PUT('/api/jobs/{job}', {
                    params: { path: { job: job.id } },
                    body: { version: job.version, ...values, due: values.due === '' ? null : values.due, state },
                }),
            ),
        onSuccess: (next) => {
            client.setQueryData(jobKeys.detail(job.id), next);
            void client.invalidateQueries({ queryKey: jobKeys.all });
            void client.invalidateQueries({ queryKey: ['bench'] });
            onClose();
        },
        onError: () => void client.invalidateQueries({ queryKey: jobKeys.detail(job.id), exact: true }),
    });
    const problems = changing.error?.byField() ?? {};
    return (
        <SidePanel over={440} onClose={onClose} title="Change the job">
            <form
                className="change-form"
                onSubmit={(event) => {
                    event.preventDefault();
                    changing.mutate(job.state);
                }}
            >
                <TextField
                    label="Name"
                    value={values.name}
                    error={problems['name']}
                    onChange={(name) => setValues({ ...values, name })}
                />
                <TextField
                    label="Client"
                    value={values.client}
                    error={problems['client']}
                    onChange={(of) => setValues({ ...values, client: of })}
                />
                <TextField
                    label="Force"
                    value={values.force}
                    error={problems['force']}
                    hint="Figures that must look like one. In another force they are painted in its common scheme; once something is painted it stays."
                    onChange={(force) => setValues({ ...values, force })}
                />
                <Field label="Due" error={problems['due']}>
                    {(id) => (
                        <DateField
                            id={id}
                            value={values.due}
                            min={today()}
                            isWrong={problems['due'] !== undefined}
                            onChange={(due) => setValues({ ...values, due })}
                        />
                    )}
                </Field>
                <Field label="What for" hint="It stands on the bench sheet, in the check and in the quote.">
                    {(id) => (
                        <Select
                            id={id}
                            value={values.purpose}
                            placeholder="not said yet"
                            options={PURPOSES}
                            onChange={(purpose) => setValues({ ...values, purpose })}
                        />
                    )}
                </Field>
                <TextField
                    label="Notes"
                    rows={4}
                    value={values.notes}
                    error={problems['notes']}
                    hint="For whoever works on it; the client does not see them."
                    onChange={(notes) => setValues({ ...values, notes })}
                />
                <p>Records keep what they said when they were sealed.</p>
                <ErrorNote error={changing.error} />
                <p className="change-deeds">
                    <Button type="primary" htmlType="submit" loading={changing.isPending}>
                        Keep the change
                    </Button>
                    {WAYS[job.state].map(({ to, name }) => (
                        <Button key={to} onClick={() => changing.mutate(to)} disabled={changing.isPending}>
                            {name}
                        </Button>
                    ))}
                </p>
                <p>{SAY[job.state]}</p>
                <p className="change-deeds">
                    <DeleteJob job={job} />
                </p>
            </form>
        </SidePanel>
    );
}
