import type { ApiError, Schemas } from '@api';
import { QuickType } from '@features/figureTypes';
import { count } from '@shared/format';
import { ErrorNote } from '@shared/ErrorNote';
import { Loaded } from '@shared/Loaded';
import { PageHead } from '@shared/PageHead';
import { useKept } from '@shared/kept';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { RosterPreview } from './components/RosterPreview';
import { jobKeys, jobOptions, previewRoster, type RosterSource, takeRoster } from './queries';

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
    const client = useQueryClient();
    const navigate = useNavigate();
    const [text, setText] = useKept('roster');
    const [file, setFile] = useState<File | null>(null);
    const source: RosterSource = file === null ? { kind: 'text', text } : { kind: 'file', file };
    // While it is read again the last reading stays, with the forms of types below it.
    const [read, setRead] = useState<Schemas['Roster'] | undefined>();
    const preview = useMutation({ mutationFn: (from: RosterSource) => previewRoster(job, from), onSuccess: setRead });
    const taking = useMutation({
        mutationFn: (from: RosterSource) => takeRoster(job, from),
        onSuccess: async (roster) => {
            if (roster.taken) {
                setText('');
                await client.invalidateQueries({ queryKey: jobKeys.all });
                await navigate(`/jobs/${job}`);
            }
        },
    });
    const again = () => preview.mutate(source);
    const refused: ApiError | null = preview.error ?? taking.error;
    const roster = taking.data?.taken === false ? taking.data : read;
    return (
        <div className="roster">
            <section className="roster-source">
                <label htmlFor="roster-text">Paste the list, the first line naming its columns</label>
                <Input.TextArea
                    id="roster-text"
                    className="roster-text"
                    rows={10}
                    value={text}
                    placeholder={EXAMPLE}
                    disabled={file !== null}
                    onChange={(event) => setText(event.target.value)}
                />
                <div className="roster-file">
                    <label htmlFor="roster-file">or take a CSV file (UTF-8, comma or semicolon)</label>
                    <input
                        id="roster-file"
                        type="file"
                        accept=".csv,text/csv,text/plain"
                        onChange={(event) => setFile(event.target.files?.[0] ?? null)}
                    />
                </div>
                <Button
                    type={roster?.problems.length === 0 ? 'default' : 'primary'}
                    onClick={again}
                    loading={preview.isPending}
                    disabled={file === null && text.trim() === ''}
                >
                    Read it
                </Button>
                <ErrorNote error={refused} />
            </section>
            {roster !== undefined && (
                <section className="roster-read" aria-live="polite">
                    <RosterPreview roster={roster} />
                    {roster.problems.length === 0 && (
                        <Button type="primary" onClick={() => taking.mutate(source)} loading={taking.isPending}>
                            Take {count(roster.figures, 'figure')} in {count(roster.lines.length, 'unit')}
                        </Button>
                    )}
                    {roster.unknown_types.map((name) => (
                        <QuickType
                            key={name}
                            name={name}
                            deed="Make it and read the roster again"
                            surfaces={surfaces}
                            onMade={again}
                        />
                    ))}
                </section>
            )}
        </div>
    );
}
