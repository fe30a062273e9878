import type { Schemas } from '@api';
import { date, minutes } from '@shared/format';
import { Loaded } from '@shared/Loaded';
import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { Fragment, useState } from 'react';
import { hoursOptions } from '../queries';
import { timeOf, WEEK } from '../week';
import { CalendarLink } from './CalendarLink';
import { HoursForm } from './HoursForm';

type Person = Schemas['PersonHours'];

/** When everybody sits at the bench; the plan follows from it. */
export function HoursSection() {
    const hours = useQuery(hoursOptions());
    const [changing, setChanging] = useState<number | null>(null);
    return (
        <section className="hours">
            <h2>Hours at the bench</h2>
            <Loaded query={hours}>
                {(people) => (
                    <table className="list">
                        <thead>
                            <tr>
                                <th scope="col">Name</th>
                                <th scope="col">Begins</th>
                                {WEEK.map((day) => (
                                    <th key={day} scope="col" className="number">
                                        {day}
                                    </th>
                                ))}
                                <th scope="col">Away</th>
                                <th scope="col">
                                    <span className="unseen">Change</span>
                                </th>
                            </tr>
                        </thead>
                        <tbody>
                            {people.map((person) => (
                                <Fragment key={person.user_id}>
                                    <Row
                                        person={person}
                                        onChange={() => setChanging(changing === person.user_id ? null : person.user_id)}
                                    />
                                    {changing === person.user_id && (
                                        <tr>
                                            <td colSpan={WEEK.length + 4}>
                                                <HoursForm
                                                    key={person.version}
                                                    person={person}
                                                    onDone={() => setChanging(null)}
                                                />
                                            </td>
                                        </tr>
                                    )}
                                </Fragment>
                            ))}
                        </tbody>
                    </table>
                )}
            </Loaded>
            <CalendarLink />
        </section>
    );
}

function Row({ person, onChange }: { person: Person; onChange: () => void }) {
    const none = person.minutes.every((some) => some === 0);
    return (
        <tr>
            <td>
                <b>{person.name}</b>
            </td>
            <td>
                {none ? '' : timeOf(person.begins)}
                {!none && person.break_at !== null && person.break_minutes !== null && (
                    <small className="hours-break">
                        break {timeOf(person.break_at)}, {minutes(person.break_minutes)}
                    </small>
                )}
            </td>
            {person.minutes.map((some, day) => (
                <td key={WEEK[day]} className="number" data-day={WEEK[day]}>
                    {some === 0 ? '–' : minutes(some)}
                </td>
            ))}
            <td>
                {person.away.map((days) => (
                    <span key={`${days.first} ${days.last}`} className="hours-away">
                        {days.first === days.last ? date(days.first) : `${date(days.first)} to ${date(days.last)}`}
                        {days.because === '' ? '' : `, ${days.because}`}
                    </span>
                ))}
            </td>
            <td>
                {person.may_change && (
                    <Button size="small" aria-label={`Change the hours of ${person.name}`} onClick={onChange}>
                        Change
                    </Button>
                )}
            </td>
        </tr>
    );
}
