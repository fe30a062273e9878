import { api, type Schemas, unwrap } from '@api';
import { DateField, today } from '@shared/days';
import { ErrorNote } from '@shared/ErrorNote';
import { Field, TextField } from '@shared/Field';
import { count } from '@shared/format';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Button, Checkbox, Select } from 'antd';
import { type ReactNode, useState } from 'react';
import { Link, useNavigate } from 'react-router';

interface Props {
    offer: Schemas['RaiseOffer'];
    /** Another job, under whose version of the standard it is reckoned; null: a new one. */
    onJob: (id: number | null) => void;
    /** What it costs, in words. */
    children: ReactNode;
}

const NEW = 0;

/** Which figures of the unit come back, and in which job. */
export function BookRaise({ offer, onJob, children }: Props) {
    const [chosen, setChosen] = useState<readonly number[]>([offer.record]);
    const [into, setInto] = useState(NEW);
    const [name, setName] = useState(`${offer.unit}, raised`);
    const [client, setClient] = useState(offer.client);
    const [due, setDue] = useState('');
    const queries = useQueryClient();
    const navigate = useNavigate();
    const job = offer.jobs.find((one) => one.id === into);
    const booking = useMutation({
        mutationFn: () =>
            unwrap(
                api.POST('/api/raises', {
                    body: {
                        records: [...chosen],
                        to: offer.to ?? '',
                        ...(job === undefined
                            ? { name: name.trim(), client: client.trim(), due: due === '' ? null : due }
                            : { job_id: job.id, version: job.version }),
                    },
                }),
            ),
        onSuccess: async (booked) => {
            await Promise.all(
                ['records', 'jobs', 'bench', 'plan', 'today'].map((of) => queries.invalidateQueries({ queryKey: [of] })),
            );
            await navigate(`/jobs/${String(booked.id)}`);
        },
    });
    const problems = booking.error?.byField() ?? {};
    const free = offer.figures.filter((figure) => figure.raised_in === null);
    const taken = offer.figures.filter((figure) => figure.raised_in !== null);
    return (
        <form
            className="raise-booking"
            aria-label="Book it"
            onSubmit={(event) => {
                event.preventDefault();
                booking.mutate();
            }}
        >
            <fieldset>
                <legend>Which figures come back</legend>
                <Checkbox.Group
                    options={free.map((figure) => ({
                        value: figure.record,
                        label: `${String(figure.figure)}${figure.leader ? ', leader' : ''}`,
                    }))}
                    value={[...chosen]}
                    onChange={setChosen}
                />
                {taken.map(({ figure, raised_in }) => (
                    <small key={figure}>
                        {figure} is raised already, in <Link to={`/jobs/${String(raised_in?.id)}`}>{raised_in?.name}</Link>.
                    </small>
                ))}
                <small>{children}</small>
            </fieldset>
            <Field label="Booked in" error={problems['job_id']}>
                {(id) => (
                    <Select
                        id={id}
                        aria-label="Booked in"
                        value={into}
                        options={[
                            { value: NEW, label: 'a job of its own' },
                            ...offer.jobs.map((one) => ({ value: one.id, label: one.name })),
                        ]}
                        onChange={(to: number) => {
                            setInto(to);
                            onJob(to === NEW ? null : to);
                        }}
                    />
                )}
            </Field>
            {job === undefined && (
                <>
                    <TextField label="Name" value={name} error={problems['name']} onChange={setName} />
                    <TextField label="Client" value={client} error={problems['client']} onChange={setClient} />
                    <Field label="Due" error={problems['due']}>
                        {(id) => <DateField id={id} value={due} min={today()} onChange={setDue} />}
                    </Field>
                </>
            )}
            <Button
                type="primary"
                htmlType="submit"
                loading={booking.isPending}
                disabled={chosen.length === 0 || (job === undefined && (name.trim() === '' || client.trim() === ''))}
            >
                Book {chosen.length === 0 ? 'them' : count(chosen.length, 'figure')}
            </Button>
            <ErrorNote error={booking.error} />
        </form>
    );
}
