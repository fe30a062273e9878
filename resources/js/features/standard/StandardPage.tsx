import { useSession } from '@features/session';
import { Choice } from '@shared/Choice';
import { Empty } from '@shared/Empty';
import { count, instant } from '@shared/format';
import { Loaded } from '@shared/Loaded';
import { PageHead } from '@shared/PageHead';
import { useQuery } from '@tanstack/react-query';
import { Button, Select } from 'antd';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import { sheetOptions, standardsOptions } from './queries';
import { Sheet } from './components/Sheet';

/** Which version is shown is in the address; without one, the version in force. */
export function StandardPage() {
    const standards = useQuery(standardsOptions());
    const { version } = useParams();
    return (
        <Loaded query={standards}>
            {(versions) => {
                const shown = versions.find((one) => String(one.id) === version) ?? versions[0];
                return shown === undefined ? (
                    <>
                        <PageHead title="Standard" />
                        <Empty say="There is no standard yet. It says what each tier includes, surface by surface. An administrator loads one from a file: php artisan standard:load FILE --studio=…" />
                    </>
                ) : (
                    <OneStandard
                        id={shown.id}
                        versions={versions.map((one) => ({
                            value: one.id,
                            label: `${one.version} (${one.state.replace('-', ' ')})`,
                        }))}
                    />
                );
            }}
        </Loaded>
    );
}

type Shown = 'all' | 'adds';

function OneStandard({ id, versions }: { id: number; versions: { value: number; label: string }[] }) {
    const sheet = useQuery(sheetOptions(id));
    const navigate = useNavigate();
    const [search, setSearch] = useSearchParams();
    const { studio } = useSession();
    const shown: Shown = search.get('show') === 'adds' ? 'adds' : 'all';
    return (
        <Loaded query={sheet}>
            {(data) => (
                <div className="standard">
                    <PageHead
                        title={`${data.name} ${data.version}`}
                        sub={[
                            data.state === 'in-force' && data.in_force_at !== null
                                ? `in force since ${instant(data.in_force_at, studio.time_zone)}`
                                : data.state,
                            `${count(data.jobs, 'job')} on it`,
                            data.findings.length === 0 ? 'no findings' : count(data.findings.length, 'finding'),
                        ].join(' · ')}
                    >
                        {versions.length > 1 && (
                            <Select
                                aria-label="Version"
                                value={id}
                                options={versions}
                                onChange={(value) => void navigate(`/standard/${value}`)}
                            />
                        )}
                        <Choice<Shown>
                            label="What is shown"
                            value={shown}
                            options={[
                                { value: 'all', label: 'Everything' },
                                { value: 'adds', label: 'What each tier adds' },
                            ]}
                            onChange={(value) => setSearch(value === 'all' ? {} : { show: value }, { replace: true })}
                        />
                        <Button href={`/api/standards/${id}/document`} download={`${data.name} ${data.version}.json`}>
                            Export
                        </Button>
                    </PageHead>
                    <Sheet sheet={data} onlyAdded={shown === 'adds'} />
                </div>
            )}
        </Loaded>
    );
}
