import type { Schemas } from '@api';
import { Select } from 'antd';

interface Props {
    schools: readonly Schemas['School'][];
    chosen: Readonly<Record<string, string>>;
    /** What governs where nothing is chosen here. */
    wider?: Readonly<Record<string, string>>;
    onChange: (chosen: Record<string, string>) => void;
}

/** The studio's choice for each question; what it is for and what follows stand beside it. */
export function SchoolsEditor({ schools, chosen, wider = {}, onChange }: Props) {
    return (
        <dl className="schools">
            {schools.map((school) => {
                const governs = school.choices.find((choice) => choice.id === (chosen[school.id] ?? wider[school.id]));
                return (
                    <div key={school.id}>
                        <dt id={`school-${school.id}`}>{school.name}</dt>
                        <dd>
                            <Select
                                aria-label={school.name}
                                allowClear
                                placeholder={governs === undefined ? 'left open' : `as the studio: ${governs.name}`}
                                value={chosen[school.id] ?? null}
                                options={school.choices.map((choice) => ({ value: choice.id, label: choice.name }))}
                                onChange={(choice: string | null | undefined) => {
                                    const next = { ...chosen };
                                    if (choice === null || choice === undefined) {
                                        // eslint-disable-next-line @typescript-eslint/no-dynamic-delete
                                        delete next[school.id];
                                    } else {
                                        next[school.id] = choice;
                                    }
                                    onChange(next);
                                }}
                            />
                            {governs !== undefined && <Follows choice={governs} />}
                        </dd>
                    </div>
                );
            })}
        </dl>
    );
}

function Follows({ choice }: { choice: Schemas['SchoolOption'] }) {
    return (
        <p className="school-follows">
            For: {choice.for}.{choice.order !== '' && <> Order: {choice.order}.</>}
            {choice.criteria !== '' && <> Judging: {choice.criteria}.</>}
            {choice.repair !== '' && <> Mending: {choice.repair}.</>}
        </p>
    );
}
