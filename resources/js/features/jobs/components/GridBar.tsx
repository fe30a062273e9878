import type { Schemas } from '@api';
import { count } from '@shared/format';
import { Button, Input, Select } from 'antd';
import { type RefObject, useState } from 'react';
import { Link } from 'react-router';
import { asRead, figuresIn, type Row } from '../rows';
import type { useAssign } from '../useAssign';
import type { Selection } from '../useSelection';
import { PainterSelect } from './PainterSelect';

interface Props {
    job: Schemas['Job'];
    /** Rows that are shown. */
    rows: readonly Row[];
    selection: Selection;
    find: string;
    onFind: (words: string) => void;
    assign: ReturnType<typeof useAssign>;
    mayAssign: boolean;
    /** Where the painter of what is chosen is said. */
    painter: RefObject<HTMLSpanElement | null>;
}

/** What is done to rows of the grid together: found, chosen, raised, given to somebody. */
export function GridBar({ job, rows, selection, find, onFind, assign, mayAssign, painter }: Props) {
    const showpieces = rows.filter(({ group }) => group.figures.every(({ own_tier: own, leader }) => own && !leader));
    return (
        <div className="grid-bar" role="group" aria-label="Rows together">
            <Input
                size="small"
                className="grid-find"
                aria-label="Find rows"
                placeholder="Find: unit, type, tier, painter"
                value={find}
                onChange={(event) => onFind(event.target.value)}
            />
            {find !== '' && (
                <>
                    <span role="status">
                        {count(rows.length, 'row')}, {count(figuresIn(rows), 'figure')}
                    </span>
                    <Button size="small" onClick={() => onFind('')}>
                        Show all
                    </Button>
                </>
            )}
            {mayAssign && selection.chosen.length === 0 && (
                <>
                    <Button size="small" onClick={() => selection.choose(rows)}>
                        Choose all
                    </Button>
                    <Button
                        size="small"
                        onClick={() =>
                            selection.choose(rows.filter(({ group }) => group.figures.every((figure) => figure.leader)))
                        }
                    >
                        Choose leaders
                    </Button>
                    {showpieces.length > 0 && (
                        <Button
                            size="small"
                            title="figures at a tier of their own that lead nobody"
                            onClick={() => selection.choose(showpieces)}
                        >
                            Choose showpieces
                        </Button>
                    )}
                    <span className="grid-bar-keys">? shows the keys</span>
                </>
            )}
            {selection.chosen.length === 0 && (
                <Link className="grid-bar-otherwise" to={`/jobs/${String(job.id)}/groupings`}>
                    Grouped otherwise
                </Link>
            )}
            {mayAssign && selection.chosen.length > 0 && (
                <Together job={job} selection={selection} assign={assign} painter={painter} />
            )}
        </div>
    );
}

function Together({ job, selection, assign, painter }: Pick<Props, 'job' | 'selection' | 'assign' | 'painter'>) {
    const [area, setArea] = useState<string | null>(null);
    const { chosen } = selection;
    const areas = [...new Set(chosen.flatMap(({ cells }) => cells.map((cell) => cell.area)))];
    const here = area !== null && areas.includes(area) ? area : null;
    const of = here === null ? 'Tier' : `Tier of ${here}`;
    const give = (wanted: { by: number } | { tier: string | null }) =>
        assign.rows({ rows: chosen.map(asRead), ...(here === null ? {} : { area: here }), ...wanted });
    return (
        <>
            <b role="status">
                {count(chosen.length, 'row')}, {count(figuresIn(chosen), 'figure')} chosen
            </b>
            <Button size="small" disabled={assign.isPending} onClick={() => give({ by: 1 })}>
                {of} up
            </Button>
            <Button size="small" disabled={assign.isPending} onClick={() => give({ by: -1 })}>
                {of} down
            </Button>
            <Select
                size="small"
                aria-label={`${of} of what is chosen`}
                placeholder={`${of}…`}
                value={null}
                disabled={assign.isPending}
                options={[
                    ...(here === null ? [] : [{ value: '', label: 'as the figure' }]),
                    ...job.tiers.filter((tier) => !tier.retired).map((tier) => ({ value: tier.key, label: tier.name })),
                ]}
                onChange={(tier: string) => give({ tier: tier === '' ? null : tier })}
                popupMatchSelectWidth={false}
            />
            <span ref={painter}>
                <PainterSelect
                    label="Painter of what is chosen"
                    value={null}
                    placeholder="Painter…"
                    disabled={assign.isPending}
                    onChange={(id) => assign.rows({ rows: chosen.map(asRead), painter_id: id })}
                />
            </span>
            <Select
                size="small"
                aria-label="Area of what is chosen"
                className="grid-bar-area"
                value={here ?? ''}
                options={[{ value: '', label: 'whole figures' }, ...areas.map((one) => ({ value: one, label: one }))]}
                onChange={(one: string) => setArea(one === '' ? null : one)}
                popupMatchSelectWidth={false}
            />
            <Button size="small" onClick={selection.clear}>
                Choose none
            </Button>
        </>
    );
}
