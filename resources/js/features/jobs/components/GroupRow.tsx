import { Select } from 'antd';
import { memo } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '@api';
import { useSession } from '@features/session';
import { minutes } from '@shared/format';
import { StackGlyph } from '@shared/StackGlyph';
import { TierSelect } from './TierSelect';
import { PainterSelect } from './PainterSelect';
import { isAsUnit, isSameRow, nameOf, type Row, whoIn } from '../rows';
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
    const { unit, group, itself, cells } = row;
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
                    <span>{itself ? unit.name : whoIn(unit, group)}</span>
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
                    label={`Tier of ${nameOf(row)}`}
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
                        label={`Painter of ${nameOf(row)}`}
                        value={first?.painter?.id ?? null}
                        mixed={painters.size > 1}
                        disabled={!mayAssign}
                        onChange={(painter) => assign.painter(unit, group.figures, painter)}
                    />
                )}
            </td>
            {surfaces.map((surface) => (
                <td key={surface.key} className={cells.some((cell) => cell.surface === surface.key) ? '' : 'grid-absent'}>
                    {cells
                        .filter((cell) => cell.surface === surface.key)
                        .map((cell) => (
                            <AreaCell
                                key={cell.area}
                                cell={cell}
                                tier={job.tiers.find((one) => one.key === cell.own_tier)?.name ?? cell.own_tier}
                                asUnit={isAsUnit(row, cell)}
                                onOpen={() => onOpen(row, cell.area)}
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
}, isSameShown);

/** Rows are made anew with every answer; one is drawn anew where something of it is otherwise. */
function isSameShown(before: Props, now: Props): boolean {
    return (
        isSameRow(before.row, now.row) &&
        before.isChosen === now.isChosen &&
        before.job === now.job &&
        before.surfaces === now.surfaces &&
        before.onChoose === now.onChoose &&
        before.onOpen === now.onOpen
    );
}

interface CellProps {
    cell: Schemas['GridCell'];
    /** Name of the tier of its own; null: it is painted as the figure. */
    tier: string | null;
    asUnit: boolean;
    onOpen: () => void;
}

const FATES: Readonly<Record<Schemas['GridLayer']['fate'], string>> = {
    laid: '',
    'left-out': ' (left out)',
    'not-chosen': ' (not chosen)',
    there: ' (there already)',
};

function AreaCell({ cell, tier, asUnit, onOpen }: CellProps) {
    const laid = cell.layers.map(
        ({ name, degree, fate, added }) =>
            `${name}${degree === '' ? '' : ` ${degree}`}${added && fate === 'laid' ? ' (added)' : FATES[fate]}`,
    );
    const silent = cell.state === 'undecided' ? 'undecided' : 'not asked for';
    const said = cell.state === 'asked' ? laid.join(', then ') : [silent, ...laid].join(', ');
    const words = tier === null ? said : `${tier}, ${said}`;
    return (
        <button
            type="button"
            className={asUnit ? 'grid-cell grid-as-unit' : 'grid-cell'}
            data-area={cell.area}
            onClick={onOpen}
            title={`${cell.area}: ${words}`}
            aria-label={`${cell.area}: ${words}`}
        >
            {(cell.state === 'asked' || cell.layers.length > 0) && (
                <StackGlyph
                    layers={cell.layers.map(({ group, passes, fate, added, name }) => ({
                        group,
                        passes,
                        waived: fate !== 'laid',
                        added,
                        words: name,
                    }))}
                />
            )}
            {cell.state === 'undecided' && <span className="grid-question">?</span>}
            {cell.state === 'not-asked' && cell.layers.length === 0 && <span className="grid-none">–</span>}
            {tier !== null && <span className="grid-own">{tier}</span>}
        </button>
    );
}
