import { api, type Schemas, unwrap } from '@api';
import { useSession } from '@features/session';
import { Empty } from '@shared/Empty';
import { ErrorNote } from '@shared/ErrorNote';
import { Field, TextField } from '@shared/Field';
import { count } from '@shared/format';
import { Loaded } from '@shared/Loaded';
import { PageHead } from '@shared/PageHead';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Select } from 'antd';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { schemeKeys, schemesOptions } from './queries';

type Row = Schemas['SchemeRow'];

/** The schemes of the studio, force by force: the common one first, then those that differ from it. */
export function SchemesPage() {
    const schemes = useQuery(schemesOptions());
    const { user } = useSession();
    return (
        <>
            <PageHead title="Schemes" sub="Which colours each area of a force climbs through" />
            <Loaded query={schemes}>
                {(rows) => (
                    <div className="studio">
                        {rows.length === 0 ? (
                            <Empty say="No scheme yet. Begin one for a force: its common colours first; companies that differ come after it and say only what differs." />
                        ) : (
                            <Forces rows={rows} />
                        )}
                        {user.role === 'lead' && <Begin rows={rows} />}
                    </div>
                )}
            </Loaded>
        </>
    );
}

function Forces({ rows }: { rows: readonly Row[] }) {
    return (
        <table className="list">
            <thead>
                <tr>
                    <th scope="col">Force</th>
                    <th scope="col">Scheme</th>
                    <th scope="col">What it holds</th>
                </tr>
            </thead>
            <tbody>
                {rows.map((row) => (
                    <tr key={row.id}>
                        <td>{row.force}</td>
                        <td>
                            <Link to={`/schemes/${row.id}`}>{row.name}</Link>
                        </td>
                        <td>
                            {row.common_id === null ? `common: ${count(row.areas, 'ladder')}` : count(row.areas, 'difference')}
                        </td>
                    </tr>
                ))}
            </tbody>
        </table>
    );
}

function Begin({ rows }: { rows: readonly Row[] }) {
    const client = useQueryClient();
    const navigate = useNavigate();
    const [force, setForce] = useState(rows[0]?.force ?? '');
    const [like, setLike] = useState<number | null>(null);
    const [name, setName] = useState('');
    const begin = useMutation<Row[]>({
        mutationFn: () => unwrap(api.POST('/api/schemes', { body: { force, name, like } })),
        onSuccess: (rows) => {
            client.setQueryData(schemeKeys.all, rows);
            // The last one made is the one that was begun.
            void navigate(`/schemes/${Math.max(...rows.map((row) => row.id))}`);
        },
    });
    const wrong = (path: string) =>
        begin.error?.problems.find((one) => one.path === path)?.message ??
        (begin.error?.path === path ? begin.error.message : undefined);
    return (
        <section>
            <h2>Begin a scheme</h2>
            <form
                className="begin-form"
                onSubmit={(event) => {
                    event.preventDefault();
                    begin.mutate();
                }}
            >
                <TextField label="Force" value={force} onChange={setForce} error={wrong('/force')} />
                <TextField label="Name of the scheme" value={name} onChange={setName} error={wrong('/name')} />
                {rows.length > 0 && (
                    <Field label="Begin with">
                        {(id) => (
                            <Select
                                id={id}
                                value={like ?? 0}
                                options={[
                                    { value: 0, label: 'no colours of its own' },
                                    ...rows.map((row) => ({ value: row.id, label: `the colours of ${row.name}, ${row.force}` })),
                                ]}
                                onChange={(scheme: number) => setLike(scheme === 0 ? null : scheme)}
                            />
                        )}
                    </Field>
                )}
                <Button type="primary" htmlType="submit" loading={begin.isPending}>
                    Begin
                </Button>
                {begin.error?.path === '' && <ErrorNote error={begin.error} />}
            </form>
        </section>
    );
}
