import type { Schemas } from '@api';
import { useSession } from '@features/session';
import { SidePanel } from '@shared/SidePanel';
import { minutes } from '@shared/format';
import { LinkButton } from '@shared/LinkButton';
import { StateWord } from '@shared/StateWord';
import { Button, Select } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { useAssign } from '../useAssign';
import { ChangeUnit } from './ChangeUnit';
import { BatchEstimate, Estimate } from './Estimate';
import { Lacking } from './Lacking';
import { PainterSelect } from './PainterSelect';
import { TierSelect } from './TierSelect';

interface Props {
    job: Schemas['Job'];
    unit: Schemas['GridUnit'];
    group: Schemas['GridGroup'];
    /** All units of the job. */
    units: readonly Schemas['GridUnit'][];
    onClose: () => void;
}

/** The figures of a row one by one, each with its own tier and painter where it needs one. */
export function FiguresSide({ job, unit, group, units, onClose }: Props) {
    const { user } = useSession();
    const assign = useAssign(job.id);
    const mayAssign = user.role === 'lead';
    const schemes = job.schemes.map((scheme) => ({ value: scheme.id, label: scheme.name }));
    const common = job.schemes.find((scheme) => scheme.common)?.id ?? null;
    return (
        <SidePanel over={560} onClose={onClose} title={unit.name}>
            <p>
                {group.type} · {minutes(unit.minutes)} for the unit
            </p>
            <Estimate group={group} tier={job.tiers.find((tier) => tier.key === group.tier)?.name ?? group.tier} />
            <BatchEstimate job={job.id} unit={unit.id} group={group} />
            <p>
                <LinkButton to={`/jobs/${job.id}/bench/${group.key}`}>Bench sheet of these figures</LinkButton>
            </p>
            <Lacking
                lacking={group.lacking}
                mayAssign={mayAssign}
                onThere={(agreed) => assign.unwaive(unit, agreed, group.figures)}
            />
            {mayAssign && (
                <ChangeUnit
                    key={unit.id}
                    unit={unit}
                    untouched={group.figures.filter((figure) => figure.state === 'to-paint')}
                    figures={group.figures.filter((figure) => figure.may_assign)}
                    units={units}
                    assign={assign}
                />
            )}
            {schemes.length > 1 && mayAssign && (
                <InTurn
                    schemes={schemes}
                    onGive={(chosen) =>
                        assign.schemes(
                            unit,
                            group.figures.filter((figure) => figure.may_assign),
                            chosen,
                        )
                    }
                />
            )}
            <table className="list">
                <thead>
                    <tr>
                        <th scope="col" className="number">
                            Figure
                        </th>
                        <th scope="col">Stands</th>
                        <th scope="col">Tier</th>
                        <th scope="col">Painter</th>
                        {schemes.length > 1 && <th scope="col">Scheme</th>}
                    </tr>
                </thead>
                <tbody>
                    {group.figures.map((figure) => (
                        <tr key={figure.id}>
                            <td className="number">
                                {figure.number}
                                {figure.leader && ', leader'}
                                {figure.name !== '' && <small> {figure.name}</small>}
                            </td>
                            <td>
                                {figure.record === null ? (
                                    <StateWord state={figure.state} />
                                ) : (
                                    <Link to={`/records/${String(figure.record)}`} title="Its record">
                                        <StateWord state={figure.state} />
                                    </Link>
                                )}
                                {figure.elsewhere && <small> came finished</small>}
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
                            {schemes.length > 1 && (
                                <td>
                                    <Select
                                        size="small"
                                        aria-label={`Scheme of figure ${figure.number}`}
                                        value={figure.scheme ?? common}
                                        disabled={!mayAssign || !figure.may_assign}
                                        options={schemes}
                                        onChange={(scheme) => assign.schemes(unit, [figure], [scheme])}
                                    />
                                </td>
                            )}
                        </tr>
                    ))}
                </tbody>
            </table>
        </SidePanel>
    );
}

interface InTurnProps {
    schemes: readonly { value: number; label: string }[];
    onGive: (schemes: number[]) => void;
}

/** Schemes that alternate over these figures, such as shields of two patterns. */
function InTurn({ schemes, onGive }: InTurnProps) {
    const [chosen, setChosen] = useState<number[]>([]);
    return (
        <div className="in-turn">
            <Select
                mode="multiple"
                aria-label="Schemes in turn"
                placeholder="One of these schemes in turn"
                value={chosen}
                options={[...schemes]}
                onChange={setChosen}
            />
            <Button disabled={chosen.length < 2} onClick={() => onGive(chosen)}>
                Give them in turn
            </Button>
        </div>
    );
}
