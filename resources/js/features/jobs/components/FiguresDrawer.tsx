import type { Schemas } from '@api';
import { useSession } from '@features/session';
import { minutes } from '@shared/format';
import { LinkButton } from '@shared/LinkButton';
import { StateWord } from '@shared/StateWord';
import { Drawer } from 'antd';
import { useAssign } from '../useAssign';
import { PainterSelect } from './PainterSelect';
import { TierSelect } from './TierSelect';

interface Props {
    job: Schemas['Job'];
    unit: Schemas['GridUnit'];
    group: Schemas['GridGroup'];
    onClose: () => void;
}

/** The figures of a row one by one, each with its own tier and painter where it needs one. */
export function FiguresDrawer({ job, unit, group, onClose }: Props) {
    const { user } = useSession();
    const assign = useAssign(job.id);
    const mayAssign = user.role === 'lead';
    return (
        <Drawer open onClose={onClose} size={560} title={unit.name} mask={false}>
            <p>
                {unit.type} · {minutes(group.minutes)} a figure · {minutes(unit.minutes)} for the unit
            </p>
            <p>
                <LinkButton to={`/jobs/${job.id}/bench/${group.key}`}>Bench sheet of these figures</LinkButton>
            </p>
            <table className="list">
                <thead>
                    <tr>
                        <th scope="col" className="number">
                            Figure
                        </th>
                        <th scope="col">Stands</th>
                        <th scope="col">Tier</th>
                        <th scope="col">Painter</th>
                    </tr>
                </thead>
                <tbody>
                    {group.figures.map((figure) => (
                        <tr key={figure.id}>
                            <td className="number">
                                {figure.number}
                                {figure.leader && ', leader'}
                            </td>
                            <td>
                                <StateWord state={figure.state} />
                            </td>
                            <td>
                                <TierSelect
                                    label={`Tier of figure ${figure.number}`}
                                    tiers={job.tiers}
                                    value={figure.tier}
                                    disabled={!mayAssign || !figure.may_assign}
                                    onChange={(tier) => assign.tier(unit, [figure], tier)}
                                />
                            </td>
                            <td>
                                <PainterSelect
                                    label={`Painter of figure ${figure.number}`}
                                    value={figure.painter?.id ?? null}
                                    disabled={!mayAssign || !figure.may_assign}
                                    onChange={(painter) => assign.painter(unit, [figure], painter)}
                                />
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </Drawer>
    );
}
