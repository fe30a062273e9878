import type { Schemas } from '@api';
import { useSession } from '@features/session';
import { instant } from '@shared/format';
import { Loaded } from '@shared/Loaded';
import { PageHead } from '@shared/PageHead';
import { SidesMark } from '@shared/SidesMark';
import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useParams } from 'react-router';
import { Rounds } from './components/Rounds';
import { signOffOptions } from './queries';

export function CertificatePage() {
    const id = Number(useParams()['record']);
    const signOff = useQuery(signOffOptions(id));
    return <Loaded query={signOff}>{(data) => <Certificate signOff={data} />}</Loaded>;
}

const VERDICTS: Record<string, string> = { accept: 'Accepted', concession: 'Accepted by concession' };

function Certificate({ signOff }: { signOff: Schemas['SignOff'] }) {
    const { record, row } = signOff;
    const { studio } = useSession();
    const areas = [...new Set(record.work.map((use) => use.area))];
    return (
        <div className="certificate-place">
            <PageHead title={`Record ${row.number}`} sub={`${record.figure.unit}, figure ${record.figure.number}`}>
                <Button onClick={() => window.print()}>Print</Button>
            </PageHead>
            <article className="certificate">
                <header>
                    <p>{record.studio}</p>
                    <h2>
                        {record.figure.unit}
                        <br />
                        figure {record.figure.number}
                        {record.figure.leader && ', leader'}
                    </h2>
                    <p>
                        {record.figure.type} · {record.job.name} · {record.job.force} · for {record.job.client}
                    </p>
                </header>
                <div className="certificate-verdict">
                    <div>
                        <small>painted and judged at</small>
                        <b>{record.tier.name}</b>
                        <small>
                            {record.standard.name} {record.standard.version}
                        </small>
                    </div>
                    <div>
                        <small>verdict</small>
                        <b>{VERDICTS[record.verdict.is] ?? record.verdict.is}</b>
                        <small>
                            {record.verdict.counts.critical} critical, {record.verdict.counts.major} major,{' '}
                            {record.verdict.counts.minor} minor; at most {record.tier.limits.critical}, {record.tier.limits.major}
                            , {record.tier.limits.minor}
                        </small>
                    </div>
                    <div>
                        <small>looked at from {record.tier.distance_mm} mm</small>
                        <SidesMark sides={record.tier.sides} />
                    </div>
                </div>
                <section>
                    <h3>What was painted</h3>
                    <dl className="certificate-work">
                        {areas.map((area) => (
                            <div key={area}>
                                <dt>{area}</dt>
                                <dd>
                                    {record.work
                                        .filter((use) => use.area === area)
                                        .map((use) => `${use.technique}${use.degree === '' ? '' : ` (${use.degree})`}`)
                                        .join(', ')}
                                </dd>
                            </div>
                        ))}
                    </dl>
                </section>
                <Agreed record={record} />
                <Rounds record={record} />
                <footer>
                    <p>
                        Signed by <b>{record.signed.by}</b>, {record.signed.role}, {instant(record.signed.at, studio.time_zone)}
                        {record.signed.self_checked && ', self-checked'}. Painted by{' '}
                        {record.painters.join(', ') || 'nobody named'}.
                    </p>
                    <p className="seal">
                        record {record.number} · seal {row.hash}
                        <br />
                        follows {signOff.previous}
                    </p>
                </footer>
            </article>
        </div>
    );
}

function Agreed({ record }: { record: Schemas['Record'] }) {
    const { waived, chosen, area_tiers: tiers } = record.variations;
    const lines = [
        ...waived.map(
            (one) =>
                `${one.area}: ${one.use} left out. ${one.reason}${one.agreed_with === '' ? '' : ` Agreed with ${one.agreed_with}.`}`,
        ),
        ...chosen.map((one) => `${one.area}: ${one.use} by ${one.technique}.`),
        ...tiers.map((one) => `${one.area}: at the tier ${one.tier}.`),
        ...record.excused.map((one) => `${one.area}: ${one.use} ${one.as.replaceAll('-', ' ')}. ${one.reason} (${one.by})`),
        ...(record.undecided.length > 0 ? [`Nothing is said in the standard of: ${record.undecided.join(', ')}.`] : []),
        ...(record.unseen.length > 0 ? [`Seen from no counted side, so not judged: ${record.unseen.join(', ')}.`] : []),
    ];
    return lines.length === 0 ? null : (
        <section>
            <h3>Agreed beyond the tier</h3>
            <ul>
                {lines.map((line) => (
                    <li key={line}>{line}</li>
                ))}
            </ul>
        </section>
    );
}
