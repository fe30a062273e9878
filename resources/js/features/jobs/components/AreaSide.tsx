import type { Schemas } from '@api';
import { Where } from '@features/maps';
import { useSession } from '@features/session';
import { SidePanel } from '@shared/SidePanel';
import { count, fewMinutes, inSmallestUnit } from '@shared/format';
import { Loaded } from '@shared/Loaded';
import { useQuery } from '@tanstack/react-query';
import { Select } from 'antd';
import { areaLayersOptions } from '../queries';
import { useAssign } from '../useAssign';
import { AddLayer } from './AddLayer';
import { AreaLayers } from './AreaLayers';
import { AreaSchools } from './AreaSchools';
import { ForWhom, useForWhom } from './ForWhom';
import { Silence } from './Silence';

interface Props {
    job: Schemas['Job'];
    unit: Schemas['GridUnit'];
    group: Schemas['GridGroup'];
    area: string;
    onClose: () => void;
}

/** One area beside the grid: its layers, its tier, what is left out, and the method where it is open. */
export function AreaSide(props: Props) {
    const { job, unit, group, area, onClose } = props;
    const first = group.figures[0];
    const layers = useQuery({
        ...areaLayersOptions(job.id, first?.id ?? 0, area),
        enabled: first !== undefined,
        // What is agreed of it stays in sight while it is asked anew.
        placeholderData: (before) => (before?.area === area ? before : undefined),
    });
    return (
        <SidePanel over={440} onClose={onClose} title={`${area} · ${unit.name}`}>
            <Loaded query={layers}>{(here) => <AreaPanel {...props} here={here} />}</Loaded>
        </SidePanel>
    );
}

function AreaPanel({ job, unit, group, area, here, onClose }: Props & { here: Schemas['AreaLayers'] }) {
    const { user, studio } = useSession();
    const assign = useAssign(job.id);
    const whom = useForWhom(unit, group);
    const first = group.figures[0];
    const place = { unit, figures: whom.figures, area };
    const isSaid = whom.figures?.length !== 0;
    const tierName = (key: string) => job.tiers.find((tier) => tier.key === key)?.name ?? key;
    const mayAssign = user.role === 'lead' && isSaid;
    return (
        <div className="area-side">
            <p className="area-facts">
                {here.surface}
                {here.focal && ', draws the eye'} · {tierName(here.tier)} · {fewMinutes(here.minutes)} min a figure
            </p>
            <Where type={group.type_id} areas={[area]} names={[]} />
            {user.role === 'lead' && <ForWhom unit={unit} group={group} whom={whom} />}
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
                    {here.agreed.whole_unit
                        ? ', for the unit.'
                        : group.figures.length === 1
                          ? ', for this figure.'
                          : ', for these figures.'}{' '}
                    {mayAssign && (
                        <button
                            type="button"
                            className="link-button"
                            onClick={() => here.agreed !== null && assign.unwaive(unit, here.agreed, group.figures)}
                        >
                            Ask the question again
                        </button>
                    )}
                </p>
            )}
            <AreaLayers
                uses={here.uses}
                unit={unit}
                figures={group.figures}
                place={place}
                tierName={tierName}
                mayAssign={mayAssign}
                assign={assign}
            />
            {mayAssign && first !== undefined && (
                <AddLayer
                    key={`${whom.scope} ${area}`}
                    unit={unit.id}
                    figure={whom.figures === null && group.figures.length > 1 ? null : (whom.figures?.[0] ?? first.id)}
                    area={area}
                    currency={studio.currency}
                    onAdd={(use, reason, agreedWith, price) =>
                        assign.add(place, use, { reason, agreedWith, price: inSmallestUnit(price, studio) })
                    }
                />
            )}
            {mayAssign && here.surface !== 'whole' && (
                <p>
                    <button
                        type="button"
                        className="link-button"
                        onClick={() => {
                            assign.lack(place);
                            onClose();
                        }}
                    >
                        There is no {area} on {whom.figures === null ? unit.name : 'these figures'}
                    </button>
                    , so nothing of it is asked or judged.
                </p>
            )}
            {group.resting.length > 0 && (
                <div className="resting">
                    <b>
                        {count(group.resting.length, 'agreement rests', 'agreements rest')}: what they name is not asked any more.
                    </b>
                    <ul>
                        {group.resting.map((words) => (
                            <li key={words}>{words}</li>
                        ))}
                    </ul>
                </div>
            )}
        </div>
    );
}
