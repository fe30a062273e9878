import type { Schemas } from '@api';
import { count, minutes } from '@shared/format';
import { Button } from 'antd';
import { useState } from 'react';
import { useClock, useMinutesRun } from '../useClock';
import { Enough } from './Enough';
import { TimeTaken } from './TimeTaken';

interface Props {
    sheet: Schemas['BenchSheet'];
}

/** The clock of who paints: what it has said of the sheet, and once the minutes allowed are used, what is left by what it adds. */
export function BenchClock({ sheet }: Props) {
    const clock = useClock(sheet);
    const run = useMinutesRun(sheet);
    const [shown, setShown] = useState(false);
    const { worked } = sheet;
    const here = sheet.clock?.unit_id === sheet.unit.id;
    return (
        <section className="bench-clock" aria-label="Clock">
            <p>
                {sheet.clock === null ? (
                    <Button onClick={() => clock.start.mutate()}>Start the clock</Button>
                ) : here ? (
                    <>
                        <Button onClick={() => clock.stop.mutate()}>Stop the clock</Button>
                        <span>runs {minutes(run)} since the last step</span>
                    </>
                ) : (
                    <>
                        <Button onClick={() => clock.start.mutate()}>Start the clock here</Button>
                        <span>it runs at {sheet.clock.unit}, and ends there</span>
                    </>
                )}
                {worked.entries.length > 0 && (
                    <span>
                        <b>{minutes(worked.minutes)}</b> of {minutes(worked.allowed)} allowed
                        {worked.unknown > 0 && `, and ${count(worked.unknown, 'step')} of which nobody knows`}
                    </span>
                )}
                {worked.entries.length > 0 && (
                    <button type="button" className="link-button" aria-expanded={shown} onClick={() => setShown(!shown)}>
                        {shown ? 'Hide the minutes' : 'Minutes by step'}
                    </button>
                )}
            </p>
            {(shown || worked.unknown > 0) && (
                <ul>
                    {worked.entries
                        .filter((time) => shown || time.minutes === null)
                        .map((time) => (
                            <TimeTaken key={time.id} sheet={sheet} time={time} />
                        ))}
                </ul>
            )}
            <Enough sheet={sheet} />
        </section>
    );
}
