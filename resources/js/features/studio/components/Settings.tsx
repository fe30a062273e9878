import { api, unwrap } from '@api';
import { sessionKeys, useSession } from '@features/session';
import { ErrorNote } from '@shared/ErrorNote';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Button, Checkbox, Input, Select } from 'antd';
import { useState } from 'react';

interface Values {
    single_keys: boolean;
    allows_self_check: boolean;
    requires_second_factor: boolean;
    time_zone: string;
    name: string;
    currency: string;
}

const TICKS = [
    ['single_keys', 'Single letters work as keys when nothing is being typed'],
    ['allows_self_check', 'Own work may be checked, and the record says so (a studio of one)'],
    ['requires_second_factor', 'Everybody signs in with a second factor'],
] as const;

/** What holds for everybody of the studio. */
export function Settings() {
    const { studio, user } = useSession();
    const client = useQueryClient();
    const change = useMutation({
        mutationFn: (settings: Values) => unwrap(api.PUT('/api/studio', { body: settings })),
        onSuccess: (session) => client.setQueryData(sessionKeys.all, session),
    });
    const { single_keys, allows_self_check, requires_second_factor, time_zone, name, currency } = studio;
    const settings: Values = { single_keys, allows_self_check, requires_second_factor, time_zone, name, currency };
    const off = user.role !== 'lead' || change.isPending;
    return (
        <section>
            <h2>Settings</h2>
            <div className="settings">
                {TICKS.map(([key, words]) => (
                    <Checkbox
                        key={key}
                        checked={settings[key]}
                        disabled={off}
                        onChange={(event) => change.mutate({ ...settings, [key]: event.target.checked })}
                    >
                        {words}
                    </Checkbox>
                ))}
                {user.role === 'lead' && (
                    <Names
                        key={`${name} ${time_zone} ${currency}`}
                        settings={settings}
                        pending={change.isPending}
                        onChange={change.mutate}
                    />
                )}
                <ErrorNote error={change.error} />
            </div>
        </section>
    );
}

interface NamesProps {
    settings: Values;
    pending: boolean;
    onChange: (settings: Values) => void;
}

/** Time zones and currencies that the browser knows; the server has the last word. */
const known = (what: 'timeZone' | 'currency') => Intl.supportedValuesOf(what).map((value) => ({ value, label: value }));

function Names({ settings, pending, onChange }: NamesProps) {
    const [draft, setDraft] = useState(settings);
    const changed =
        draft.name !== settings.name || draft.time_zone !== settings.time_zone || draft.currency !== settings.currency;
    return (
        <div className="settings-names">
            <label>
                Name of the studio
                <Input
                    value={draft.name}
                    maxLength={120}
                    onChange={(event) => setDraft({ ...draft, name: event.target.value })}
                />
            </label>
            <label>
                Time zone
                <Select
                    aria-label="Time zone"
                    showSearch
                    value={draft.time_zone}
                    options={known('timeZone')}
                    onChange={(time_zone) => setDraft({ ...draft, time_zone })}
                />
            </label>
            <label>
                Currency
                <Select
                    aria-label="Currency"
                    showSearch
                    value={draft.currency}
                    options={known('currency')}
                    onChange={(currency) => setDraft({ ...draft, currency })}
                />
            </label>
            <Button type="primary" disabled={!changed} loading={pending} onClick={() => onChange(draft)}>
                Store these
            </Button>
        </div>
    );
}
