import type { Schemas } from '@api';
import { Patterns } from '@shared/Patterns';
import { StackLegend } from '@shared/StackLegend';
import { useInTurns } from '@shared/useInTurns';
import { useSession } from '@features/session';
import { useCallback, useLayoutEffect, useMemo, useRef } from 'react';
import { useSearchParams } from 'react-router';
import { AreaSide } from './AreaSide';
import { FiguresSide } from './FiguresSide';
import { found, type Row, rowsOf } from '../rows';
import { useAssign } from '../useAssign';
import { useGridClipboard } from '../useGridClipboard';
import { useGridKeys } from '../useGridKeys';
import { useSelection } from '../useSelection';
import { GridBar } from './GridBar';
import { GroupRow } from './GroupRow';
import { LastChange } from './LastChange';

export interface Place {
    unit: number;
    group: string;
    area: string;
}

interface Props {
    grid: Schemas['Grid'];
    job: Schemas['Job'];
}

/** The panel that is open, as the address says: of an area, or of the figures of a row. */
function panelOf(search: URLSearchParams): { unit: number; group: string; area: string | null } | null {
    const unit = search.get('unit');
    const group = search.get('figure');
    return unit === null || group === null ? null : { unit: Number(unit), group, area: search.get('area') };
}

function withPanel(search: URLSearchParams, to: Partial<Place> | null): URLSearchParams {
    const next = new URLSearchParams(search);
    const members = { unit: to?.unit, figure: to?.group, area: to?.area };
    for (const [name, value] of Object.entries(members)) {
        if (value === undefined) {
            next.delete(name);
        } else {
            next.set(name, String(value));
        }
    }
    return next;
}

function withFind(search: URLSearchParams, words: string): URLSearchParams {
    const next = new URLSearchParams(search);
    if (words === '') {
        next.delete('find');
    } else {
        next.set('find', words);
    }
    return next;
}

/** Units and, under them, figures that differ; surfaces across. Each cell says what will be done. */
export function Grid({ grid, job }: Props) {
    const [search, setSearch] = useSearchParams();
    const panel = panelOf(search);
    const place = panel?.area == null ? null : { ...panel, area: panel.area };
    const figures = panel?.area === null ? panel : null;
    const setPlace = (to: Place | null) => setSearch((now) => withPanel(now, to));
    const { user } = useSession();
    const mayAssign = user.role === 'lead';
    const assign = useAssign(job.id);
    const words = search.get('find') ?? '';
    const all = useMemo(() => rowsOf(grid), [grid]);
    const rows = useMemo(() => found(all, words, job.tiers), [all, words, job.tiers]);
    const there = useInTurns(rows.length, { first: 10, each: 5 });
    const selection = useSelection(rows);
    const latest = useRef(selection);
    useLayoutEffect(() => {
        latest.current = selection;
    });
    const choose = useCallback((row: Row, isTo: boolean) => (isTo ? latest.current.extend(row) : latest.current.toggle(row)), []);
    const openPanel = useCallback(
        ({ unit, group }: Row, area: string | null) =>
            setSearch((now) =>
                withPanel(now, { unit: unit.id, group: String(group.figures[0]?.id), ...(area === null ? {} : { area }) }),
            ),
        [setSearch],
    );
    const painter = useRef<HTMLSpanElement>(null);
    const onKeyDown = useGridKeys({
        rows,
        selection,
        assign,
        enabled: mayAssign,
        // What is chosen is shown first, with the place where its painter is said.
        onPainter: () => requestAnimationFrame(() => painter.current?.querySelector('input')?.focus()),
    });
    useGridClipboard({ job, rows, selection, assign, enabled: mayAssign });
    const here = [...new Set(grid.cells.map((cell) => cell.surface))].toSorted().join(' ');
    // The same list as long as it says the same, so that rows that did not change are not drawn again.
    const surfaces = useMemo(() => {
        const shown = new Set(here.split(' '));
        return job.surfaces.filter((surface) => shown.has(surface.key));
    }, [here, job.surfaces]);
    const find = (at: Omit<Place, 'area'> | null) =>
        all.find(({ unit, group }) => unit.id === at?.unit && group.figures.some((figure) => String(figure.id) === at.group));
    const open = find(place);
    const chosen = find(figures);
    return (
        <>
            <Patterns />
            <GridBar
                job={job}
                rows={rows}
                selection={selection}
                find={words}
                onFind={(to) => setSearch((now) => withFind(now, to), { replace: true })}
                assign={assign}
                mayAssign={mayAssign}
                painter={painter}
            />
            {mayAssign && <LastChange job={job.id} assign={assign} />}
            <div className="grid-scroll" tabIndex={0} role="region" aria-label="Units and figures by surface">
                {/* Keys of its buttons, each of which is reached and pressed without them too. */}
                <table className="grid" onKeyDown={mayAssign ? onKeyDown : undefined}>
                    <caption className="unseen">What will be done on each surface, with the minutes for each figure</caption>
                    <thead>
                        <tr>
                            <th scope="col">unit, figures</th>
                            <th scope="col">tier</th>
                            <th scope="col">painter</th>
                            {surfaces.map((surface) => (
                                <th scope="col" key={surface.key} title={surface.name}>
                                    <span aria-hidden="true">{surface.name.split(/,| and /)[0]}</span>
                                    <span className="unseen">{surface.name}</span>
                                </th>
                            ))}
                            <th scope="col" className="number">
                                each
                            </th>
                            <th scope="col" className="number">
                                all
                            </th>
                        </tr>
                    </thead>
                    <tbody>
                        {rows.slice(0, there).map((row) => (
                            <GroupRow
                                key={row.key}
                                row={row}
                                isChosen={selection.has(row)}
                                onChoose={choose}
                                job={job}
                                surfaces={surfaces}
                                onOpen={openPanel}
                            />
                        ))}
                    </tbody>
                </table>
            </div>
            <StackLegend />
            {place !== null && open?.cells.some((cell) => cell.area === place.area) === true && (
                <AreaSide job={job} unit={open.unit} group={open.group} area={place.area} onClose={() => setPlace(null)} />
            )}
            {chosen !== undefined && (
                <FiguresSide
                    job={job}
                    unit={chosen.unit}
                    group={chosen.group}
                    units={grid.units}
                    onClose={() => setPlace(null)}
                />
            )}
        </>
    );
}
