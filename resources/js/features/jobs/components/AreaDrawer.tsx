import type { Schemas } from '@api';
import { useSession } from '@features/session';
import { Choice } from '@shared/Choice';
import { count, fewMinutes } from '@shared/format';
import { Drawer, Select } from 'antd';
import { useState } from 'react';
import { useAssign } from '../useAssign';
import { AreaSchools } from './AreaSchools';
import { Silence } from './Silence';
import { WaiveForm } from './WaiveForm';

interface Props {
    job: Schemas['Job'];
    unit: Schemas['GridUnit'];
    group: Schemas['GridGroup'];
    area: string;
    onClose: () => void;
}

/** One area beside the grid: its layers, its tier, what is left out, and the method where it is open. */
export function AreaDrawer({ job, unit, group, area, onClose }: Props) {
    const { user } = useSession();
    const assign = useAssign(job.id);
    const [scope, setScope] = useState<'unit' | 'figure'>('unit');
    const here = group.areas.find((one) => one.area === area);
    const first = group.figures[0];
    if (here === undefined || first === undefined) {
        return null;
    }
    const place = { unit, figure: scope === 'figure' && group.figures.length === 1 ? first.id : null, area };
    const tierName = (key: string) => job.tiers.find((tier) => tier.key === key)?.name ?? key;
    const mayAssign = user.role === 'lead';
    return (
        <Drawer open onClose={onClose} size={440} title={`${area} · ${unit.name}`} mask={false}>
            <div className="area-drawer">
                <p className="area-facts">
                    {here.surface}
                    {here.focal && ', draws the eye'} · {tierName(here.tier)} · {fewMinutes(here.minutes)} min a figure
                </p>
                {group.figures.length === 1 && unit.count > 1 && (
                    <Choice
                        label="For whom"
                        value={scope}
                        options={[
                            { value: 'unit', label: `all of ${unit.name}` },
                            { value: 'figure', label: `figure ${first.number} only` },
                        ]}
                        onChange={setScope}
                    />
                )}
                <label className="area-tier">
                    <span>Tier of this area</span>
                    <Select
                        aria-label="Tier of this area"
                        value={here.own_tier ? here.tier : ''}
                        disabled={!mayAssign}
                        options={[
                            { value: '', label: `as the figure (${tierName(group.tier)})` },
                            ...job.tiers.filter((tier) => !tier.retired).map((tier) => ({ value: tier.key, label: tier.name })),
                        ]}
                        onChange={(tier) => assign.areaTier(place, tier === '' ? null : tier)}
                    />
                </label>
                <AreaSchools
                    schools={here.schools}
                    mayChoose={mayAssign}
                    onChoose={(question, choice) => assign.areaSchool(place, question, choice)}
                />
                {here.state === 'undecided' && (
                    <Silence
                        tier={tierName(here.tier)}
                        ownList={
                            job.tiers.find((tier) => tier.key === here.tier)?.by_agreement === true
                                ? `/jobs/${job.id}/own/${encodeURIComponent(here.tier)}`
                                : null
                        }
                        mayAgree={mayAssign}
                        area={area}
                        onAgree={(reason, agreed) => assign.agreeNotAsked(place, reason, agreed)}
                    />
                )}
                {here.state === 'not-asked' && here.agreed === null && <p>{tierName(here.tier)} asks nothing of this surface.</p>}
                {here.agreed !== null && (
                    <p>
                        Nothing is asked of it here. {here.agreed.reason} Agreed with {here.agreed.agreed_with}; {here.agreed.by}
                        {here.agreed.whole_unit ? ', for the unit.' : ', for this figure.'}{' '}
                        {mayAssign && (
                            <button
                                type="button"
                                className="link-button"
                                onClick={() => here.agreed !== null && assign.unwaive(unit, here.agreed.id)}
                            >
                                Ask the question again
                            </button>
                        )}
                    </p>
                )}
                <ol className="layers" aria-label="Layers, from the top down">
                    {here.uses.toReversed().map((use) => (
                        <li key={use.id} className={use.waiver === null && use.menu?.laid !== false ? '' : 'layer-waived'}>
                            <div className="layer-head">
                                <b>{use.name}</b> <span>{use.degree}</span>
                                <span className="layer-minutes">
                                    {use.menu?.laid === false
                                        ? 'not chosen'
                                        : use.waiver === null
                                          ? `${fewMinutes(use.minutes)} min`
                                          : 'left out'}
                                </span>
                            </div>
                            {use.menu !== null && (
                                <MenuLine
                                    menu={use.menu}
                                    mayChoose={mayAssign}
                                    onChoose={() => assign.choose(place, use.id, use.technique)}
                                    onTakeBack={() => assign.choose(place, use.id, null)}
                                />
                            )}
                            {use.choices.length > 0 && use.waiver === null && (
                                <Select
                                    aria-label={`Method of ${use.id}`}
                                    size="small"
                                    value={use.technique}
                                    disabled={!mayAssign}
                                    options={use.choices.map((choice) => ({ value: choice.id, label: choice.name }))}
                                    onChange={(technique) => assign.choose(place, use.id, technique)}
                                />
                            )}
                            {use.waiver !== null && (
                                <p>
                                    {use.waiver.reason}
                                    {use.waiver.agreed_with !== '' && ` Agreed with ${use.waiver.agreed_with}.`} {use.waiver.by}
                                    {use.waiver.whole_unit ? ', for the unit.' : ', for this figure.'}
                                    {mayAssign && (
                                        <button
                                            type="button"
                                            className="link-button"
                                            onClick={() => use.waiver !== null && assign.unwaive(unit, use.waiver.id)}
                                        >
                                            Ask for it again
                                        </button>
                                    )}
                                </p>
                            )}
                            {mayAssign && use.waiver === null && use.menu === null && (
                                <WaiveForm
                                    name={use.name}
                                    onWaive={(reason, agreed) => assign.waive(place, use.id, reason, agreed)}
                                />
                            )}
                        </li>
                    ))}
                </ol>
                {group.resting.length > 0 && (
                    <div className="resting">
                        <b>
                            {count(group.resting.length, 'agreement rests', 'agreements rest')}: what they name is not asked any
                            more.
                        </b>
                        <ul>
                            {group.resting.map((words) => (
                                <li key={words}>{words}</li>
                            ))}
                        </ul>
                    </div>
                )}
            </div>
        </Drawer>
    );
}

interface MenuProps {
    menu: NonNullable<Schemas['GridUse']['menu']>;
    mayChoose: boolean;
    onChoose: () => void;
    onTakeBack: () => void;
}

/** A layer of those to choose from: so many of them, or by agreement. */
function MenuLine({ menu, mayChoose, onChoose, onTakeBack }: MenuProps) {
    return (
        <p>
            {menu.name}: {menu.choose === null ? 'by agreement' : `the tier includes ${menu.choose}`}.{' '}
            {menu.chosen ? 'Chosen.' : menu.laid ? 'Taken unless another is chosen.' : ''}{' '}
            {mayChoose && (
                <button type="button" className="link-button" onClick={menu.chosen ? onTakeBack : onChoose}>
                    {menu.chosen ? 'Take it back' : 'Choose it'}
                </button>
            )}
        </p>
    );
}
