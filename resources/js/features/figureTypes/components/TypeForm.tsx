import type { ApiError, Schemas } from '@api';
import { ErrorNote } from '@shared/ErrorNote';
import { count } from '@shared/format';
import { useQuery } from '@tanstack/react-query';
import { App, Button, Input, Select } from 'antd';
import { useId, useMemo, useState } from 'react';
import { type AreaDraft, piecesOf, said, sent, type TypeDraft, withRead } from '../draft';
import { outlineOptions } from '../queries';
import { DIFFICULTIES, SIZES } from '../sizes';
import type { TypeSurface } from '../surfaces';
import { useLater } from '@shared/useLater';
import { useTypeDraft } from '../useTypeDraft';
import { AreaListPanel } from './AreaListPanel';
import { AreaTable } from './AreaTable';
import { Borders } from './Borders';
import { Pictures } from './Pictures';

interface Props {
    stored: Schemas['FigureTypeDraft'] | null;
    start: TypeDraft;
    surfaces: readonly TypeSurface[];
    mayChange: boolean;
    onStored: (id: number) => void;
}

/** A figure type by the list of its areas; what follows from them is said beside them while they are taken down. */
export function TypeForm({ stored, start, surfaces, mayChange, onStored }: Props) {
    const { message } = App.useApp();
    const ids = [useId(), useId(), useId()] as const;
    const hand = useTypeDraft(stored, start, (id) => {
        void message.success('Kept.');
        onStored(id);
    });
    const { draft } = hand;
    const [read, setRead] = useState<ReadonlyMap<number, string[]>>(new Map());
    const later = useLater(draft.areas);
    const taken = useMemo(() => said(later), [later]);
    const outline = useQuery(outlineOptions(sent(taken)));
    const wrong = new Map([...read, ...byRow(outline.error?.all() ?? [], taken), ...byRow(hand.error?.all() ?? [], draft.areas)]);
    const areas = (next: AreaDraft[]) => {
        setRead(new Map([...read].filter(([row]) => next.some((area) => area === rowOf(draft.areas, row)))));
        hand.change({ areas: next });
    };
    const alone = taken.filter((area) => outline.data?.without_neighbours.includes(area.name) === true);
    return (
        <form
            className="figure-type-form"
            onSubmit={(event) => {
                event.preventDefault();
                if (draft.areas.every((area) => piecesOf(area.pieces).unreadable === null)) {
                    hand.store();
                }
            }}
        >
            <fieldset disabled={!mayChange}>
                <div className="figure-type-head">
                    <label htmlFor={ids[0]}>Name</label>
                    <Input
                        id={ids[0]}
                        value={draft.name}
                        maxLength={120}
                        onChange={(event) => hand.change({ name: event.target.value })}
                    />
                    <label htmlFor={ids[1]}>Size</label>
                    <Select
                        id={ids[1]}
                        value={draft.size_class}
                        options={[...SIZES]}
                        onChange={(size_class: TypeDraft['size_class']) => hand.change({ size_class })}
                    />
                    <label htmlFor={ids[2]}>Sculpt</label>
                    <Select
                        id={ids[2]}
                        value={draft.difficulty}
                        options={[...DIFFICULTIES]}
                        onChange={(difficulty: TypeDraft['difficulty']) => hand.change({ difficulty })}
                    />
                </div>
                {mayChange && (
                    <AreaListPanel
                        isFirst={draft.areas.length === 0}
                        onRead={(list) => {
                            const next = withRead(draft.areas, list.areas);
                            hand.change({ areas: next });
                            setRead(byRow(list.problems, next.slice(next.length - list.areas.length)));
                        }}
                    />
                )}
                <AreaTable areas={draft.areas} surfaces={surfaces} outline={outline.data} wrong={wrong} onChange={areas} />
                <OfAll error={outline.error} />
                <Pictures
                    stored={stored}
                    draft={draft}
                    taken={taken}
                    mayChange={mayChange}
                    onMaps={(maps) => hand.change({ maps })}
                    onTake={areas}
                />
                <h2>What touches what</h2>
                <p className="figure-type-say">
                    A full square: they touch. An open one: such areas usually do, whether these do you say. Where nothing is
                    said, nothing is known: no order, no tidying, no finding follows from it.
                    {alone.length > 0 && ` So far nothing is known of ${alone.map((area) => area.name).join(', ')}.`}
                </p>
                <Borders areas={draft.areas} usual={outline.data?.usual ?? []} onChange={areas} />
                {mayChange && (
                    <p className="figure-type-deeds">
                        <Button type="primary" htmlType="submit" loading={hand.isPending} disabled={draft.areas.length === 0}>
                            {stored === null ? 'Make it' : 'Keep the change'}
                        </Button>
                        <Button onClick={hand.leave}>{stored === null ? 'Begin again' : 'As it was'}</Button>
                        {stored !== null && 'Jobs that have it keep their copy until they take this one.'}{' '}
                        {count(draft.areas.length, 'area')}
                    </p>
                )}
                <OfAll error={hand.error} />
            </fieldset>
        </form>
    );
}

interface Problem {
    path: string;
    message: string;
}

const OF_ROW = /^\/areas\/(\d+)\//;

/** What is wrong that is of no single area. */
function OfAll({ error }: { error: ApiError | null }) {
    return error !== null && error.all().some(({ path }) => !OF_ROW.test(path)) ? <ErrorNote error={error} /> : null;
}

/** `/areas/2/on` is of the third of the areas. */
function byRow(problems: readonly Problem[], areas: readonly AreaDraft[]): Map<number, string[]> {
    const rows = new Map<number, string[]>();
    for (const { path, message } of problems) {
        const area = areas[Number(OF_ROW.exec(path)?.[1] ?? -1)];
        if (area !== undefined) {
            rows.set(area.row, [...(rows.get(area.row) ?? []), message]);
        }
    }
    return rows;
}

function rowOf(areas: readonly AreaDraft[], row: number): AreaDraft | undefined {
    return areas.find((area) => area.row === row);
}
