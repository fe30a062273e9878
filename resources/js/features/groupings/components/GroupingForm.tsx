import type { ApiError } from '@api';
import { ErrorNote } from '@shared/ErrorNote';
import { TextField } from '@shared/Field';
import { count } from '@shared/format';
import { Button, Input } from 'antd';
import { useState } from 'react';
import { draftOf, type GroupDraft, type GroupingDraft, groupOf, named, put, withGroup, without } from '../draft';
import type { Grouping, Groupings } from '../queries';
import { useKeepGrouping, useRemoveGrouping } from '../useGrouping';

interface Props {
    job: number;
    /** Null: one that is not made yet. */
    grouping: Grouping | null;
    units: Groupings['units'];
    onClose: () => void;
}

/** A grouping while it is put together: a group in hand, and figures put into it. */
export function GroupingForm({ job, grouping, units, onClose }: Props) {
    const [draft, setDraft] = useState(() => draftOf(grouping));
    const keep = useKeepGrouping(job, grouping, onClose);
    return (
        <form
            className="grouping-form"
            aria-label={grouping === null ? 'A new grouping' : `Change ${grouping.name}`}
            onSubmit={(event) => {
                event.preventDefault();
                keep.mutate(draft);
            }}
        >
            <TextField
                label="What it is for"
                hint="Another game, a cabinet, a shelf."
                value={draft.name}
                error={at(keep.error, '/name')}
                onChange={(name) => setDraft({ ...draft, name })}
            />
            <Groups draft={draft} error={keep.error} onChange={setDraft} />
            <div className="grouping-units">
                {units.map((unit) => (
                    <Unit key={unit.id} unit={unit} draft={draft} onPut={(figures) => setDraft(put(draft, figures))} />
                ))}
            </div>
            <ErrorNote error={isElsewhere(keep.error) ? keep.error : null} />
            <p className="grouping-deeds">
                <Button type="primary" htmlType="submit" loading={keep.isPending}>
                    Keep the grouping
                </Button>
                <Button onClick={onClose}>As it was</Button>
                {grouping !== null && <Remove job={job} grouping={grouping} onClose={onClose} />}
            </p>
        </form>
    );
}

function at(error: ApiError | null, path: string): string | undefined {
    return error?.all().find((one) => one.path === path)?.message;
}

const AT_A_FIELD = /^\/(name|groups\/\d+\/name)$/;

/** Whether something is wrong that stands at no field. */
function isElsewhere(error: ApiError | null): boolean {
    return error?.all().some((one) => !AT_A_FIELD.test(one.path)) === true;
}

interface GroupsProps {
    draft: GroupingDraft;
    error: ApiError | null;
    onChange: (draft: GroupingDraft) => void;
}

function Groups({ draft, error, onChange }: GroupsProps) {
    return (
        <fieldset className="grouping-groups">
            <legend>Groups: choose one, then press the figures that are in it</legend>
            {draft.groups.map((group, i) => {
                const said = group.name === '' ? `group ${String(i + 1)}` : group.name;
                const wrong = at(error, `/groups/${String(i)}/name`);
                return (
                    <div key={group.key}>
                        <input
                            type="radio"
                            name="group"
                            aria-label={`Put figures into ${said}`}
                            checked={group.key === draft.at}
                            onChange={() => onChange({ ...draft, at: group.key })}
                        />
                        <b>{letterOf(i)}</b>
                        <Input
                            aria-label={`Name of ${said}`}
                            value={group.name}
                            maxLength={120}
                            status={wrong === undefined ? '' : 'error'}
                            onFocus={() => onChange({ ...draft, at: group.key })}
                            onChange={(event) => onChange(named(draft, group.key, event.target.value))}
                        />
                        <span>{count(group.figures.length, 'figure')}</span>
                        {draft.groups.length > 1 && (
                            <Button aria-label={`Take ${said} away`} onClick={() => onChange(without(draft, group.key))}>
                                −
                            </Button>
                        )}
                        {wrong !== undefined && (
                            <p className="field-error" role="alert">
                                <span aria-hidden="true">◆ </span>
                                {wrong}
                            </p>
                        )}
                    </div>
                );
            })}
            <Button onClick={() => onChange(withGroup(draft))}>Add a group</Button>
        </fieldset>
    );
}

/** A, B, … Z, AA: short enough to stand at a figure. */
function letterOf(index: number): string {
    const rest = Math.floor(index / 26);
    return `${rest === 0 ? '' : letterOf(rest - 1)}${String.fromCharCode(65 + (index % 26))}`;
}

interface UnitProps {
    unit: Groupings['units'][number];
    draft: GroupingDraft;
    onPut: (figures: readonly number[]) => void;
}

function Unit({ unit, draft, onPut }: UnitProps) {
    const wordsOf = (group: GroupDraft | null) =>
        group === null ? 'in no group' : `in ${group.name || 'a group without a name'}`;
    return (
        <div>
            <h3>{unit.name}</h3>
            <div className="grouping-figures" role="group" aria-label={unit.name}>
                {unit.figures.map((figure) => {
                    const group = groupOf(draft, figure.id);
                    const number =
                        group === null
                            ? String(figure.number)
                            : `${String(figure.number)} ${letterOf(draft.groups.indexOf(group))}`;
                    return (
                        <button
                            key={figure.id}
                            type="button"
                            aria-pressed={group?.key === draft.at}
                            aria-label={`${number}${figure.leader ? ', leader' : ''}, ${wordsOf(group)}`}
                            onClick={() => onPut([figure.id])}
                        >
                            {number}
                        </button>
                    );
                })}
                {unit.figures.length > 1 && (
                    <Button onClick={() => onPut(unit.figures.map((figure) => figure.id))}>All of {unit.name}</Button>
                )}
            </div>
        </div>
    );
}

function Remove({ job, grouping, onClose }: { job: number; grouping: Grouping; onClose: () => void }) {
    const remove = useRemoveGrouping(job, grouping, onClose);
    return (
        <>
            <Button loading={remove.isPending} onClick={() => remove.mutate(undefined)}>
                Group them so no longer
            </Button>
            <ErrorNote error={remove.error} />
        </>
    );
}
