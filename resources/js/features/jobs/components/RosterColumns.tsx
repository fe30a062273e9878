import type { Schemas } from '@api';
import { Field } from '@shared/Field';
import { Select } from 'antd';

interface Props {
    columns: Schemas['Roster']['columns'];
    onSay: (heading: string, as: string | null) => void;
}

const NAMES = [
    ['unit', 'unit'],
    ['figure_type', 'figure type'],
    ['count', 'how many figures'],
    ['tier', 'tier'],
    ['leader_count', 'how many leaders'],
    ['leader_tier', 'tier of leaders'],
    ['note', 'note'],
] as const;

const LEFT_OUT = '';

/** What each column of a client's list is; what is said is known the next time. */
export function RosterColumns({ columns, onSay }: Props) {
    const named = columns.filter(({ heading }) => heading !== '');
    return (
        <fieldset className="roster-columns">
            <legend>Columns</legend>
            {named.map((column) => (
                <Field
                    key={column.heading}
                    label={column.heading}
                    error={column.as === null && !column.left_out ? 'Say what it is, or leave it out.' : undefined}
                >
                    {(id) => (
                        <Select
                            id={id}
                            aria-label={`What ${column.heading} is`}
                            value={column.as ?? (column.left_out ? LEFT_OUT : null)}
                            options={[
                                ...NAMES.map(([value, label]) => ({ value: value, label })),
                                { value: LEFT_OUT, label: 'left out' },
                            ]}
                            onChange={(as: string) => onSay(column.heading, as === LEFT_OUT ? null : as)}
                        />
                    )}
                </Field>
            ))}
        </fieldset>
    );
}
