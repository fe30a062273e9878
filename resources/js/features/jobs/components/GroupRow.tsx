import { Select } from 'antd';
import { memo } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '@api';
import { useSession } from '@features/session';
import { minutes } from '@shared/format';
import { StackGlyph } from '@shared/StackGlyph';
import { TierSelect } from './TierSelect';
import { PainterSelect } from './PainterSelect';
import { isAsUnit, nameOf, type Row, who } from '../rows';
import { useAssign } from '../useAssign';

interface Props {
    row: Row;
    isChosen: boolean;
    onChoose: (row: Row, isTo: boolean) => void;
    job: Schemas['Job'];
    surfaces: readonly { key: string; name: string }[];
    /** Opens the panel of an area, or of the figures. */
    onOpen: (row: Row, area: string | null) => void;
}

export const GroupRow = memo(function GroupRow({ row, isChosen, onChoose, job, surfaces, onOpen }: Props) {
    const { unit, group, itself } = row;
    const { user } = useSession();
    const assign = useAssign(job.id);
    const mayAssign = user.role === 'lead';
    const first = group.figures[0];
    const painters = new Set(group.figures.map((figure) => figure.painter?.name ?? 'nobody'));
    return (
        <tr
            className={`${itself ? 'grid-unit' : 'grid-some'}${isChosen ? ' grid-chosen' : ''}`}
            data-row={row.key}
            aria-selected={isChosen}
        >
            <th scope="row">
                {mayAssign && (
                    <button
                        type="button"
                        className="grid-mark"
                        aria-label={`Choose ${nameOf(row)}`}
                        aria-pressed={isChosen}
                        onClick={(event) => onChoose(row, event.shiftKey)}
                    />
                )}
                <button type="button" className="grid-name" onClick={() => onOpen(row, null)}>
                    <span>{itself ? unit.name : who(group)}</span>
                    <b>
                        {group.figures.length}
                        <span className="unseen"> {group.figures.length === 1 ? 'figure' : 'figures'}</span>
                    </b>
                </button>
                {itself && unit.note !== '' && <small>{unit.note}</small>}
                {first?.elsewhere === true && <small>came finished</small>}
                {first !== undefined && first.raises !== null && (
                    <small>
                        raised from {first.raises.tier},{' '}
                        <Link to={`/records/${String(first.raises.record)}`}>record {first.raises.number}</Link>
                        {group.figures.length > 1 && ' and others'}
                    </small>
                )}
                {group.lacking.length > 0 && <small>no {group.lacking.map((one) => one.area).join(', no ')}</small>}
                {first?.own_scheme === true && <small>{job.schemes.find((scheme) => scheme.id === first.scheme)?.name}</small>}
                {itself && job.schemes.length > 1 && (
                    <Select
                        size="small"
                        className="scheme-select"
                        aria-label={`Scheme of ${unit.name}`}
                        disabled={!mayAssign}
                        value={unit.scheme ?? job.schemes.find((scheme) => scheme.common)?.id ?? null}
                        options={job.schemes.map((scheme) => ({ value: scheme.id, label: scheme.name }))}
                        onChange={(id: number | null) =>
                            assign.scheme(unit, job.schemes.some((scheme) => scheme.id === id && scheme.common) ? null : id)
                        }
                    />
                )}
            </th>
            <td>
                <TierSelect
                    label={`Tier of ${itself ? unit.name : `${unit.name}, ${who(group)}`}`}
                    tiers={job.tiers}
                    value={group.tier}
                    disabled={!mayAssign}
                    onChange={(tier) => assign.tier(unit, itself ? null : group.figures, tier)}
                />
            </td>
            <td>
                {itself ? (
                    <PainterSelect
                        label={`Painter of ${unit.name}`}
                        value={unit.painter?.id ?? null}
                        disabled={!mayAssign}
                        onChange={(painter) => assign.painter(unit, null, painter)}
                    />
                ) : (
                    <PainterSelect
                        label={`Painter of ${unit.name}, ${who(group)}`}
                        value={first?.painter?.id ?? null}
                        mixed={painters.size > 1}
                        disabled={!mayAssign}
                        onChange={(painter) => assign.painter(unit, group.figures, painter)}
                    />
                )}
            </td>
            {surfaces.map((surface) => (
                <td key={surface.key} className={group.areas.some((area) => area.surface === surface.key) ? '' : 'grid-absent'}>
                    {group.areas
                        .filter((area) => area.surface === surface.key)
                        .map((area) => (
                            <AreaCell
                                key={area.area}
                                area={area}
                                tier={job.tiers.find((one) => one.key === area.tier)?.name ?? area.tier}
                                asUnit={isAsUnit(row, area)}
                                onOpen={() => onOpen(row, area.area)}
                            />
                        ))}
                </td>
            ))}
            <td className="number">
                {group.over && (
                    <span title="More than its tier has for such a figure">
                        ▲<span className="unseen"> over its tier: </span>{' '}
                    </span>
                )}
                {minutes(group.minutes)}
            </td>
            <td className="number">
                <b>{minutes(group.minutes_all)}</b>
            </td>
        </tr>
    );
});

interface CellProps {
    area: Schemas['GridArea'];
    /** Name of the tier that it is painted at. */
    tier: string;
    asUnit: boolean;
    onOpen: () => void;
}

function AreaCell({ area, tier, asUnit, onOpen }: CellProps) {
    const laid = area.uses.map(
        (use) =>
            `${use.name}${use.degree === '' ? '' : ` ${use.degree}`}${use.waiver !== null ? ' (left out)' : use.addition !== null ? ' (added)' : use.menu?.laid === false ? ' (not chosen)' : use.there !== '' && use.minutes === 0 ? ' (there already)' : ''}`,
    );
    const silent = area.state === 'undecided' ? 'undecided' : 'not asked for';
    const words = area.state === 'asked' ? laid.join(', then ') : [silent, ...laid].join(', ');
    return (
        <button
            type="button"
            className={asUnit ? 'grid-cell grid-as-unit' : 'grid-cell'}
            data-area={area.area}
            onClick={onOpen}
            title={`${area.area}: ${words}`}
            aria-label={`${area.area}: ${words}`}
        >
            {area.state !== 'asked' && area.uses.length > 0 && <Layers uses={area.uses} />}
            {area.state === 'undecided' && <span className="grid-question">?</span>}
            {area.state === 'not-asked' && area.uses.length === 0 && <span className="grid-none">–</span>}
            {area.state === 'asked' && <Layers uses={area.uses} />}
            {area.own_tier && <span className="grid-own">{tier}</span>}
        </button>
    );
}

function Layers({ uses }: { uses: readonly Schemas['GridUse'][] }) {
    return (
        <StackGlyph
            layers={uses.map((use) => ({
                group: use.group,
                passes: Math.max(use.coats, use.steps),
                waived: use.waiver !== null || use.menu?.laid === false || (use.there !== '' && use.minutes === 0),
                added: use.addition !== null,
                words: use.name,
            }))}
        />
    );
}
