import { api, type Schemas, unwrap } from '@api';
import { useIsTaking, useTaken } from '@features/jobs';
import { ErrorNote } from '@shared/ErrorNote';
import { NumberField } from '@shared/Field';
import { count, minutes } from '@shared/format';
import { useLater } from '@shared/useLater';
import { Why } from '@shared/Why';
import { useQuery } from '@tanstack/react-query';
import { App, Button } from 'antd';
import { useState } from 'react';
import { percent } from '../costs';
import { effortOptions } from '../queries';

type Area = Schemas['EffortArea'];

const HOUR = 60;

/** A few hours more, on single areas rather than on a tier: which, and giving them. */
export function MoreMinutes({ job }: { job: number }) {
    const [more, setMore] = useState(2 * HOUR);
    const asked = useLater(more);
    const effort = useQuery(effortOptions(job, asked));
    return (
        <section className="effort" aria-labelledby="effort">
            <h2 id="effort">Where a few hours more are best spent</h2>
            <div className="budget-asked">
                <NumberField
                    label="Hours more"
                    value={Math.round((more / HOUR) * 100) / 100}
                    step={0.5}
                    hint="On single areas that are lifted a tier or more, at most 50 hours."
                    onChange={(typed) => setMore(Math.round((typed ?? 0) * HOUR))}
                />
            </div>
            <ErrorNote error={effort.error} />
            {effort.data !== undefined && (
                <Areas
                    key={effort.data.areas.map(nameOf).join()}
                    job={job}
                    effort={effort.data}
                    isOld={effort.isPlaceholderData || asked !== more}
                />
            )}
        </section>
    );
}

function nameOf(area: Area): string {
    return `${String(area.unit)} ${String(area.figures[0]?.id)} ${area.area} ${area.tier}`;
}

function who({ figures, leaders, whole_unit }: Area): string {
    return whole_unit ? `all ${String(figures.length)}` : count(figures.length, leaders ? 'leader' : 'figure');
}

function Areas({ job, effort, isOld }: { job: number; effort: Schemas['Effort']; isOld: boolean }) {
    const [without, setWithout] = useState<readonly string[]>([]);
    const { message } = App.useApp();
    const isTaking = useIsTaking(job);
    const taken = effort.areas.filter((area) => !without.includes(nameOf(area)));
    const take = useTaken(
        job,
        (areas: readonly Area[]) =>
            unwrap(
                api.PUT('/api/jobs/{job}/effort', {
                    params: { path: { job } },
                    body: {
                        areas: areas.map(({ unit, version, figures, whole_unit, area, tier }) => ({
                            unit,
                            version,
                            figures: whole_unit ? null : figures.map((figure) => figure.id),
                            area,
                            tier,
                        })),
                    },
                }),
            ),
        () => void message.success('Areas lifted.'),
    );
    return effort.areas.length === 0 ? (
        <p className="budget-say">No area can be lifted for that.</p>
    ) : (
        <>
            <p className="budget-say">
                {minutes(taken.reduce((sum, area) => sum + area.minutes, 0))} by hand ·{' '}
                <Why why={effort.why} about="what is seen">
                    {percent(effort.seen_now)} seen now,{' '}
                    {percent(effort.seen_now + taken.reduce((sum, area) => sum + area.seen, 0))} then
                </Why>
            </p>
            <ul className="effort-areas">
                {effort.areas.map((area) => (
                    <li key={nameOf(area)}>
                        <label>
                            <input
                                type="checkbox"
                                checked={!without.includes(nameOf(area))}
                                onChange={(event) =>
                                    setWithout(
                                        event.target.checked
                                            ? without.filter((one) => one !== nameOf(area))
                                            : [...without, nameOf(area)],
                                    )
                                }
                            />
                            <b>{area.area}</b> of {area.name}, {who(area)}
                        </label>
                        <span>
                            {area.from} → {area.to}
                        </span>
                        <span className="number">{minutes(area.minutes)}</span>
                    </li>
                ))}
            </ul>
            <Button
                className="budget-take"
                disabled={taken.length === 0 || isOld || isTaking}
                loading={take.isPending}
                onClick={() => take.mutate(taken)}
            >
                Give {count(taken.length, 'area')} these tiers
            </Button>
        </>
    );
}
