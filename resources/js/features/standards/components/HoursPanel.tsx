import { api, type Schemas, unwrap } from '@api';
import { figureTypesOptions } from '@features/figureTypes';
import { ErrorNote } from '@shared/ErrorNote';
import { Field, NumberField } from '@shared/Field';
import { count, fewMinutes, minutes } from '@shared/format';
import { SidePanel } from '@shared/SidePanel';
import { Why } from '@shared/Why';
import { useMutation, useQuery } from '@tanstack/react-query';
import { Button, Select } from 'antd';
import { useState } from 'react';
import { type Change, cellChanges, type Draft } from '../document';

type Hours = Schemas['Hours'];

interface Props {
    draft: Draft;
    tier: string;
    onClose: () => void;
    onChange: (changes: Change[]) => Promise<unknown>;
}

/** Minutes of a tier from a total downwards: what a whole figure takes, or one that was timed. */
export function HoursPanel({ draft, tier, onClose, onChange }: Props) {
    const [hours, setHours] = useState<number | undefined>(undefined);
    const [type, setType] = useState<number | null>(null);
    const types = useQuery(figureTypesOptions());
    const name = draft.document.tiers.find((one) => one.id === tier)?.name ?? tier;
    const spread = useMutation<Hours>({
        mutationFn: () =>
            unwrap(
                api.POST('/api/standards/{standardVersion}/hours', {
                    params: { path: { standardVersion: draft.sheet.id } },
                    body: { tier, minutes: Math.round((hours ?? 0) * 60), figure_type: type },
                }),
            ),
    });
    const take = (found: Hours) => void onChange(cellChanges(draft, tier, found.cells)).then(onClose);
    return (
        <SidePanel title={`Minutes of ${name} from a total`} onClose={onClose}>
            <p>
                Say how long a whole figure takes at this tier, or the time of one that you painted by the clock. The minutes of
                all uses follow in the proportion that they have now. Nothing is changed before you take it.
            </p>
            <form
                className="fields hours-form"
                onSubmit={(event) => {
                    event.preventDefault();
                    spread.mutate();
                }}
            >
                <NumberField
                    label="It takes"
                    value={hours}
                    step={0.25}
                    suffix="hours"
                    onChange={(given) => {
                        setHours(given);
                        spread.reset();
                    }}
                />
                <Field label="Of which figure">
                    {(id) => (
                        <Select
                            id={id}
                            value={type ?? 0}
                            options={[
                                { value: 0, label: draft.sheet.reference },
                                ...(types.data ?? []).map((one) => ({ value: one.id, label: one.name })),
                            ]}
                            onChange={(chosen) => {
                                setType(chosen === 0 ? null : chosen);
                                spread.reset();
                            }}
                        />
                    )}
                </Field>
                <Button type="primary" htmlType="submit" loading={spread.isPending} disabled={hours === undefined || hours <= 0}>
                    Spread it
                </Button>
            </form>
            <ErrorNote error={spread.error} />
            {spread.data !== undefined && <Spread found={spread.data} onTake={() => take(spread.data)} />}
        </SidePanel>
    );
}

/** What each use would take, before it is taken. */
function Spread({ found, onTake }: { found: Hours; onTake: () => void }) {
    return (
        <>
            <p>
                {minutes(found.before)} till now, <b>{minutes(found.after)}</b> then.
                {found.guess && ' No use had minutes: coats and steps decide.'}{' '}
                <Why why={found.why} about="minutes from a total" />
            </p>
            <table className="list hours-list">
                <thead>
                    <tr>
                        <th scope="col">Use</th>
                        <th scope="col" className="number">
                            now
                        </th>
                        <th scope="col" className="number">
                            then
                        </th>
                    </tr>
                </thead>
                <tbody>
                    {found.uses.map((use) => (
                        <tr key={`${use.area} ${use.use}`}>
                            <td>
                                {use.name} <small>{use.area}</small>
                            </td>
                            <td className="number">{fewMinutes(use.before)}</td>
                            <td className="number">{fewMinutes(use.after)}</td>
                        </tr>
                    ))}
                </tbody>
            </table>
            <Button type="primary" onClick={onTake}>
                Take these minutes in {count(found.cells.length, 'cell')}
            </Button>
        </>
    );
}
