import type { Schemas } from '@api';
import { useSession } from '@features/session';
import { instant } from '@shared/format';
import { Loaded } from '@shared/Loaded';
import { PageHead } from '@shared/PageHead';
import { SidesMark } from '@shared/SidesMark';
import { Why } from '@shared/Why';
import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useParams } from 'react-router';
import { Rounds } from './components/Rounds';
import { NotDone, Painted } from './components/Work';
import { signOffOptions } from './queries';

export function CertificatePage() {
    const id = Number(useParams()['record']);
    const signOff = useQuery(signOffOptions(id));
    return <Loaded query={signOff}>{(data) => <Certificate signOff={data} />}</Loaded>;
}

const VERDICTS: Record<string, string> = { accept: 'Accepted', concession: 'Accepted by concession' };

function Certificate({ signOff }: { signOff: Schemas['SignOff'] }) {
    const { record, row } = signOff;
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
                <Judged record={record} />
                <Painted record={record} />
                <NotDone record={record} />
                <Rounds record={record} />
                <Seal signOff={signOff} />
            </article>
        </div>
    );
}

function Judged({ record }: { record: Schemas['Record'] }) {
    const { is, why } = record.verdict;
    const verdict = VERDICTS[is] ?? is;
    return (
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
                <b>
                    {why === undefined ? (
                        verdict
                    ) : (
                        <Why why={why} about="the verdict">
                            {verdict}
                        </Why>
                    )}
                </b>
                <small>
                    {record.verdict.counts.critical} critical, {record.verdict.counts.major} major, {record.verdict.counts.minor}{' '}
                    minor; at most {record.tier.limits.critical}, {record.tier.limits.major}, {record.tier.limits.minor}
                </small>
            </div>
            <div>
                <small>looked at from {record.tier.distance_mm} mm</small>
                <SidesMark sides={record.tier.sides} />
                {record.look !== null && (
                    <small>
                        for {record.look.minutes} min, the tier asks {record.look.asked}
                        {record.look.under && ': less than asked'}
                    </small>
                )}
            </div>
        </div>
    );
}

function Seal({ signOff }: { signOff: Schemas['SignOff'] }) {
    const { record, row, head } = signOff;
    const { studio } = useSession();
    return (
        <footer>
            <p>
                Signed by <b>{record.signed.by}</b>, {record.signed.role}, {instant(record.signed.at, studio.time_zone)}
                {record.signed.self_checked && ', self-checked'}. Painted by {record.painters.join(', ') || 'nobody named'}.
            </p>
            <p className="seal">
                record {record.number} · seal {row.hash}
                <br />
                follows {signOff.previous}
                {signOff.key !== null && (
                    <>
                        <br />
                        signed with key {signOff.key}
                    </>
                )}
                {head.number !== record.number && (
                    <>
                        <br />
                        head of the chain when this was shown: record {head.number} · {head.hash}
                    </>
                )}
            </p>
        </footer>
    );
}
