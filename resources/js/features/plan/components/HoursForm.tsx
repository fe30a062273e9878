import { api, type Schemas, unwrap } from '@api';
import { DateField } from '@shared/days';
import { ErrorNote } from '@shared/ErrorNote';
import { Field, NumberField } from '@shared/Field';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { useState } from 'react';
import { planKeys } from '../queries';
import { minutesOf, timeOf, WEEK } from '../week';

type Person = Schemas['PersonHours'];

interface Props {
    person: Person;
    onDone: () => void;
}

/** Hours by day of the week and days away, of one person. */
export function HoursForm({ person, onDone }: Props) {
    const client = useQueryClient();
    const [begins, setBegins] = useState(timeOf(person.begins));
    const [breakAt, setBreakAt] = useState(person.break_at === null ? '' : timeOf(person.break_at));
    const [breakMinutes, setBreakMinutes] = useState<number | undefined>(person.break_minutes ?? undefined);
    const [week, setWeek] = useState(person.minutes.map((some) => some / 60));
    const [away, setAway] = useState(person.away);
    const keep = useMutation<Person[]>({
        mutationFn: () =>
            unwrap(
                api.PUT('/api/people/{user}/hours', {
                    params: { path: { user: person.user_id } },
                    body: {
                        version: person.version,
                        begins: minutesOf(begins),
                        break_at: breakAt === '' ? null : minutesOf(breakAt),
                        break_minutes: breakMinutes ?? null,
                        minutes: week.map((hours) => hours * 60),
                        away,
                    },
                }),
            ),
        onSuccess: (people) => {
            client.setQueryData(planKeys.hours, people);
            void client.invalidateQueries({ queryKey: planKeys.all });
            onDone();
        },
    });
    const wrong = keep.error?.byField() ?? {};
    const change = (at: number, days: Partial<Person['away'][number]>) =>
        setAway(away.map((one, i) => (i === at ? { ...one, ...days } : one)));
    return (
        <form
            className="hours-form"
            aria-label={`Hours of ${person.name}`}
            onSubmit={(event) => {
                event.preventDefault();
                keep.mutate();
            }}
        >
            <div className="hours-week">
                <Field label="Begins at" error={wrong['begins']}>
                    {(id) => (
                        <Input id={id} type="time" required value={begins} onChange={(event) => setBegins(event.target.value)} />
                    )}
                </Field>
                <Field label="Break at, if any" error={wrong['break_at']}>
                    {(id) => <Input id={id} type="time" value={breakAt} onChange={(event) => setBreakAt(event.target.value)} />}
                </Field>
                <NumberField
                    label="for"
                    suffix="min"
                    value={breakMinutes}
                    error={wrong['break_minutes']}
                    onChange={setBreakMinutes}
                />
                {WEEK.map((day, at) => (
                    <NumberField
                        key={day}
                        label={day}
                        step={0.5}
                        suffix="h"
                        value={week[at]}
                        error={wrong[`minutes.${at}`]}
                        onChange={(hours) => setWeek(week.map((one, i) => (i === at ? (hours ?? 0) : one)))}
                    />
                ))}
            </div>
            {away.map((days, at) => (
                <div key={at} className="hours-days">
                    <Field label="Away from" error={wrong[`away.${at}.first`]}>
                        {(id) => <DateField id={id} required value={days.first} onChange={(first) => change(at, { first })} />}
                    </Field>
                    <Field label="to" error={wrong[`away.${at}.last`]}>
                        {(id) => <DateField id={id} required value={days.last} onChange={(last) => change(at, { last })} />}
                    </Field>
                    <Field label="Why, if it matters" error={wrong[`away.${at}.because`]}>
                        {(id) => (
                            <Input
                                id={id}
                                maxLength={200}
                                value={days.because}
                                onChange={(event) => change(at, { because: event.target.value })}
                            />
                        )}
                    </Field>
                    <Button aria-label="Leave these days out" onClick={() => setAway(away.filter((_, i) => i !== at))}>
                        −
                    </Button>
                </div>
            ))}
            <ErrorNote error={keep.error} />
            <div className="hours-deeds">
                <Button onClick={() => setAway([...away, { first: '', last: '', because: '' }])}>Add days away</Button>
                <Button type="primary" htmlType="submit" loading={keep.isPending}>
                    Store
                </Button>
                <Button onClick={onDone}>Back</Button>
            </div>
        </form>
    );
}
