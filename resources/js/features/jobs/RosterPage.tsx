import { QuickType } from '@features/figureTypes';
import { FileField } from '@shared/FileField';
import { count } from '@shared/format';
import { ErrorNote } from '@shared/ErrorNote';
import { Field } from '@shared/Field';
import { Loaded } from '@shared/Loaded';
import { PageHead } from '@shared/PageHead';
import { useQuery } from '@tanstack/react-query';
import { Button, Input, Select } from 'antd';
import { useParams } from 'react-router';
import { RosterColumns } from './components/RosterColumns';
import { RosterPreview } from './components/RosterPreview';
import { jobOptions } from './queries';
import { useRoster } from './useRoster';

const EXAMPLE = `unit,figure_type,count,tier,leader_count,leader_tier,note
1st Lamplighters,lamplighter,12,muster,1,guard,serjeant carries the long lamp
Sea troll,sea-troll,1,banner,0,,`;

export function RosterPage() {
    const id = Number(useParams()['job']);
    const job = useQuery(jobOptions(id));
    return (
        <Loaded query={job}>
            {(data) => (
                <>
                    <PageHead
                        title={`Roster for ${data.name}`}
                        sub={`standard ${data.standard.version} · tiers ${data.tiers
                            .filter((tier) => !tier.retired)
                            .map((tier) => tier.name)
                            .join(', ')}`}
                    />
                    <Taking job={id} surfaces={data.surfaces} />
                </>
            )}
        </Loaded>
    );
}

function Taking({ job, surfaces }: { job: number; surfaces: readonly { key: string; name: string }[] }) {
    const roster = useRoster(job);
    const { given, read, sheets, file } = roster;
    return (
        <div className="roster">
            <section className="roster-source">
                <label htmlFor="roster-text">Paste the list, the first line naming its columns</label>
                <Input.TextArea
                    id="roster-text"
                    className="roster-text"
                    rows={10}
                    value={given.text}
                    placeholder={EXAMPLE}
                    onChange={(event) => roster.write(event.target.value)}
                />
                <FileField
                    label="or take a file: a spreadsheet (.xlsx), or text with commas, semicolons or tabs"
                    accept=".xlsx,.csv,.tsv,.txt,text/csv,text/plain"
                    onFile={roster.takeFile}
                />
                {sheets.length > 1 && (
                    <Field label="Sheet of the file">
                        {(id) => (
                            <Select
                                id={id}
                                aria-label="Sheet of the file"
                                value={roster.sheet}
                                options={sheets.map((one) => ({ value: one.name, label: one.name }))}
                                onChange={roster.takeSheet}
                            />
                        )}
                    </Field>
                )}
                {file !== null && read !== undefined && (
                    <Field
                        label={`How the letters of ${file.name} are written`}
                        hint="If letters look wrong in the list above, choose another."
                    >
                        {(id) => (
                            <Select
                                id={id}
                                aria-label={`How the letters of ${file.name} are written`}
                                value={read.encoding}
                                options={read.encodings.map((one) => ({ value: one.key, label: one.name }))}
                                onChange={(encoding) => roster.takeFile(file, encoding)}
                            />
                        )}
                    </Field>
                )}
                <Button
                    type={read?.problems.length === 0 ? 'default' : 'primary'}
                    onClick={roster.again}
                    loading={roster.isReading}
                    disabled={given.text.trim() === ''}
                >
                    Read it
                </Button>
                <ErrorNote error={roster.error} />
                {roster.unreadable !== null && (
                    <p className="field-error" role="alert">
                        <span aria-hidden="true">◆ </span>
                        {roster.unreadable}
                    </p>
                )}
            </section>
            {read !== undefined && (
                <section className="roster-read" aria-live="polite">
                    <RosterColumns columns={read.columns} onSay={roster.say} />
                    <RosterPreview roster={read} onMean={roster.mean} />
                    {read.problems.length === 0 && (
                        <Button type="primary" onClick={roster.take} loading={roster.isTaking}>
                            Take {count(read.figures, 'figure')} in {count(read.units, 'unit')}
                        </Button>
                    )}
                    {read.unknown_types.map((name) => (
                        <QuickType
                            key={name}
                            name={name}
                            deed="Make it and read the roster again"
                            surfaces={surfaces}
                            onMade={roster.again}
                        />
                    ))}
                </section>
            )}
        </div>
    );
}
