import { api, type Paths, type Schemas, unwrap } from '@api';
import { useSession } from '@features/session';
import { ErrorNote } from '@shared/ErrorNote';
import { NumberField } from '@shared/Field';
import { Loaded } from '@shared/Loaded';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';

type Setting = Schemas['SchemeSetting'];

type Numbers = Paths['/api/scheme-rules']['put']['requestBody']['content']['application/json'];

const key = ['scheme-rules'];

/** Numbers that schemes are held to and mixed by; what is usual stands under each. */
export function SchemeSettings() {
    const settings = useQuery({ queryKey: key, queryFn: ({ signal }) => unwrap(api.GET('/api/scheme-rules', { signal })) });
    return (
        <section>
            <h2>Schemes</h2>
            <Loaded query={settings}>{(rows) => <Form key={JSON.stringify(rows)} rows={rows} />}</Loaded>
        </section>
    );
}

function Form({ rows }: { rows: readonly Setting[] }) {
    const { user } = useSession();
    const client = useQueryClient();
    const [numbers, setNumbers] = useState<Record<string, number>>(Object.fromEntries(rows.map((row) => [row.name, row.number])));
    const keep = useMutation({
        mutationFn: () => unwrap(api.PUT('/api/scheme-rules', { body: numbers as Numbers })),
        onSuccess: (now) => {
            client.setQueryData(key, now);
            void client.invalidateQueries({ queryKey: ['schemes'] });
            void client.invalidateQueries({ queryKey: ['paints'] });
        },
    });
    const wrong = (name: string) =>
        keep.error?.problems.find((one) => one.path === `/${name}`)?.message ??
        (keep.error?.path === `/${name}` ? keep.error.message : undefined);
    return (
        <form
            className="scheme-settings"
            onSubmit={(event) => {
                event.preventDefault();
                keep.mutate();
            }}
        >
            <div className="fields">
                {rows.map((row) => (
                    <NumberField
                        key={row.name}
                        label={row.say}
                        step={row.usual < 1 ? 0.05 : 1}
                        value={numbers[row.name]}
                        onChange={(number) => setNumbers({ ...numbers, [row.name]: number ?? row.usual })}
                        error={wrong(row.name)}
                        hint={`usual: ${row.usual}`}
                    />
                ))}
            </div>
            {keep.error?.path === '' && <ErrorNote error={keep.error} />}
            {user.role === 'lead' && (
                <Button htmlType="submit" loading={keep.isPending}>
                    Keep
                </Button>
            )}
        </form>
    );
}
