import type { Schemas } from '@api';
import { useSession } from '@features/session';
import { Empty } from '@shared/Empty';
import { Loaded } from '@shared/Loaded';
import { PageHead } from '@shared/PageHead';
import { useQuery } from '@tanstack/react-query';
import { Button, Select } from 'antd';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { OwnSurface } from './components/OwnSurface';
import { ownListOptions } from './queries';
import { useOwnList } from './useOwnList';

/** What a tier by agreement includes in one job: copied from another tier, then changed here. */
export function OwnListPage() {
    const params = useParams();
    const list = useQuery(ownListOptions(Number(params['job']), params['tier'] ?? ''));
    return <Loaded query={list}>{(data) => <OwnList list={data} />}</Loaded>;
}

function OwnList({ list }: { list: Schemas['OwnList'] }) {
    const { user } = useSession();
    const deeds = useOwnList(list);
    const mayWrite = user.role === 'lead' && list.by_agreement;
    const said = list.surfaces.filter((surface) => surface.said !== 'nothing');
    const silent = list.surfaces.filter((surface) => surface.said === 'nothing');
    return (
        <div className="own-list">
            <PageHead title={`${list.tier_name} in this job`} sub={list.job.name}>
                <Link to={`/jobs/${list.job.id}`}>Back to the job</Link>
            </PageHead>
            {!list.by_agreement && (
                <Empty say="The standard says what this tier includes. Only for a tier by agreement does a job say it itself." />
            )}
            {mayWrite && <CopyFrom list={list} pending={deeds.isPending} onCopy={deeds.copy} />}
            {said.map((surface) => (
                <OwnSurface
                    key={surface.surface}
                    surface={surface}
                    techniques={list.techniques}
                    mayWrite={mayWrite}
                    pending={deeds.isPending}
                    onWrite={(requirement) => deeds.write(surface.surface, requirement)}
                />
            ))}
            {silent.length > 0 && (
                <section>
                    <h2>Nobody has said</h2>
                    <ul className="own-silent">
                        {silent.map((surface) => (
                            <li key={surface.surface}>
                                {surface.name}
                                {mayWrite && (
                                    <>
                                        <Button size="small" onClick={() => deeds.write(surface.surface, { uses: [] })}>
                                            Not asked for
                                        </Button>
                                    </>
                                )}
                            </li>
                        ))}
                    </ul>
                </section>
            )}
        </div>
    );
}

interface CopyProps {
    list: Schemas['OwnList'];
    pending: boolean;
    onCopy: (from: string) => void;
}

function CopyFrom({ list, pending, onCopy }: CopyProps) {
    const [from, setFrom] = useState(list.tiers[list.tiers.length - 1]?.key ?? '');
    return (
        <p className="own-copy">
            <label>
                Begin with what is asked at{' '}
                <Select
                    aria-label="Tier to begin with"
                    value={from}
                    options={list.tiers.map((tier) => ({ value: tier.key, label: tier.name }))}
                    onChange={setFrom}
                />
            </label>{' '}
            <Button type="primary" loading={pending} disabled={from === ''} onClick={() => onCopy(from)}>
                Take it over
            </Button>{' '}
            <small>What this job says already stays as it is.</small>
        </p>
    );
}
