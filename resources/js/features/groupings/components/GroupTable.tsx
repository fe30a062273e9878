import { api, unwrap } from '@api';
import { useTaken } from '@features/jobs';
import { count, minutes } from '@shared/format';
import { StateBar } from '@shared/StateBar';
import { Button } from 'antd';
import { type FigureGroup, type Grouping, type Groupings } from '../queries';

interface Props {
    job: number;
    grouping: Grouping;
    units: Groupings['units'];
    mayChange: boolean;
    onChange: () => void;
}

/** The groups of a grouping: who is in each, how far it is, at which tiers. */
export function GroupTable({ job, grouping, units, mayChange, onChange }: Props) {
    const tier = useTierOfGroup(job, units);
    return (
        <section aria-labelledby={`grouping-${String(grouping.id)}`}>
            <header className="grouping-head">
                <h2 id={`grouping-${String(grouping.id)}`}>{grouping.name}</h2>
                {grouping.without > 0 && <span>{count(grouping.without, 'figure')} in no group</span>}
                {mayChange && <Button onClick={onChange}>Change {grouping.name}</Button>}
            </header>
            {grouping.groups.length === 0 ? (
                <p className="grouping-none">No figure is in a group yet.</p>
            ) : (
                <table className="list list-stacked">
                    <thead>
                        <tr>
                            <th scope="col">Group</th>
                            <th scope="col">From</th>
                            <th scope="col">Tiers</th>
                            <th scope="col">How far</th>
                            <th scope="col" className="number">
                                Figures
                            </th>
                            <th scope="col" className="number">
                                Work
                            </th>
                            {mayChange && <th scope="col">Tier of all</th>}
                        </tr>
                    </thead>
                    <tbody>
                        {grouping.groups.map((group) => (
                            <tr key={group.name}>
                                <td>
                                    <b>{group.name}</b>
                                </td>
                                <td>{group.units.map(fromUnit).join('; ')}</td>
                                <td>{group.tiers.map((one) => `${String(one.figures)} ${one.name}`).join(', ')}</td>
                                <td>
                                    <StateBar states={group.states} />
                                </td>
                                <td className="number" data-label="figures">
                                    {group.figures.length}
                                </td>
                                <td className="number" data-label="by hand">
                                    {minutes(group.minutes)}
                                </td>
                                {mayChange && (
                                    <td>
                                        <span className="group-tier">
                                            {([1, -1] as const).map((by) => (
                                                <Button
                                                    key={by}
                                                    size="small"
                                                    disabled={tier.isPending}
                                                    aria-label={`${by === 1 ? 'Up' : 'Down'} a tier: ${group.name}`}
                                                    onClick={() => tier.mutate({ group, by })}
                                                >
                                                    {by === 1 ? 'Up' : 'Down'}
                                                </Button>
                                            ))}
                                        </span>
                                    </td>
                                )}
                            </tr>
                        ))}
                    </tbody>
                </table>
            )}
        </section>
    );
}

function fromUnit({ name, numbers, all }: FigureGroup['units'][number]): string {
    return all ? name : `${name} ${numbers.join(', ')}`;
}

/** All figures of a group a tier up or down, each from where it stands. */
function useTierOfGroup(job: number, units: Groupings['units']) {
    return useTaken(
        job,
        ({ group, by }: { group: FigureGroup; by: number }) => {
            const rows = units.flatMap((unit) => {
                const figures = unit.figures.filter((figure) => group.figures.includes(figure.id));
                return figures.length === 0
                    ? []
                    : [{ unit: unit.id, version: unit.version, figures: figures.map(({ id, version }) => ({ id, version })) }];
            });
            return unwrap(api.PATCH('/api/jobs/{job}/rows', { params: { path: { job } }, body: { rows, by } }));
        },
        () => undefined,
    );
}
