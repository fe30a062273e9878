import type { Schemas } from '@api';
import { fewMinutes } from '@shared/format';
import { NumberInput } from '@shared/NumberInput';
import { Button } from 'antd';
import { useState } from 'react';
import { numbered } from '../rows';
import { useClock } from '../useClock';

interface Props {
    sheet: Schemas['BenchSheet'];
    time: Schemas['BenchSheet']['worked']['entries'][number];
}

/** What the clock said of a step; who painted it, or the lead, puts it right. */
export function TimeTaken({ sheet, time }: Props) {
    const clock = useClock(sheet);
    const [minutes, setMinutes] = useState(time.minutes);
    const figures = numbered(time.figures.map((number) => ({ number })));
    return (
        <li>
            <span>
                <b>{time.title}</b> {figures}, {time.by}
                {time.minutes === null && ': the clock was left running. How long was it?'}
            </span>
            {time.may_correct ? (
                <form
                    onSubmit={(event) => {
                        event.preventDefault();
                        clock.correct.mutate({ id: time.id, minutes, version: time.version });
                    }}
                >
                    <NumberInput
                        aria-label={`Minutes for ${time.title}, ${figures}`}
                        value={minutes}
                        min={0}
                        max={1440}
                        suffix="min"
                        onChange={setMinutes}
                    />
                    {minutes !== time.minutes && (
                        <Button htmlType="submit" loading={clock.correct.isPending}>
                            Keep
                        </Button>
                    )}
                </form>
            ) : (
                <span>{time.minutes === null ? 'nobody knows' : `${fewMinutes(time.minutes)} min`}</span>
            )}
            <small>{fewMinutes(time.allowed)} min allowed</small>
        </li>
    );
}
