import type { Schemas } from '@api';
import { useSession } from '@features/session';
import { instant } from '@shared/format';
import { LinkButton } from '@shared/LinkButton';
import { Loaded } from '@shared/Loaded';
import { PageHead } from '@shared/PageHead';
import { SidesMark } from '@shared/SidesMark';
import { Why } from '@shared/Why';
import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { Link, useParams } from 'react-router';
import { Faulted } from './components/Faulted';
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
    const { user } = useSession();
    return (
        <div className="certificate-place">
            <PageHead title={`Record ${row.number}`} sub={`${record.figure.unit}, figure ${record.figure.number}`}>
                {user.role === 'lead' && signOff.raised_by === null && (
                    <LinkButton to={`/records/${String(row.id)}/raise`}>Raise to another tier</LinkButton>
                )}
                <Button onClick={() => window.print()}>Print</Button>
            </PageHead>
            {signOff.raised_by !== null && (
                <p className="raise-facts">
                    This figure came back and {signOff.raised_by.record === null ? 'is raised' : 'was raised'} in{' '}
                    <Link to={`/jobs/${String(signOff.raised_by.job)}`}>{signOff.raised_by.name}</Link>
                    {signOff.raised_by.record !== null && (
                        <>
                            : <Link to={`/records/${String(signOff.raised_by.record)}`}>record {signOff.raised_by.number}</Link>
                        </>
                    )}
                    .
                </p>
            )}
            <article className="certificate">
                <header>
                    <p>{record.studio}</p>
                    <h2>
                        {record.figure.unit}
                        <br />
                        figure {record.figure.number}
                        {record.figure.leader && ', leader'}
                        {record.figure.name !== '' && `, ${record.figure.name}`}
                    </h2>
                    <p>
                        {record.figure.type} · {record.job.name} · {record.job.force} · for {record.job.client}
                    </p>
                </header>
                <Before signOff={signOff} />
                <Judged record={record} />
                <Painted record={record} />
                <NotDone record={record} />
                <Faulted signOff={signOff} />
                <Rounds record={record} />
                <Seal signOff={signOff} />
            </article>
        </div>
    );
}

/** What was on the figure before it came: a record of ours, or the work of somebody else. */
function Before({ signOff: { record, first } }: { signOff: Schemas['SignOff'] }) {
    if (record.elsewhere) {
        return <p>It came finished: painted elsewhere, judged here.</p>;
    }
    return record.raises === null ? null : (
        <p>
            Raised from {record.raises.tier} ({record.raises.standard.name} {record.raises.standard.version}),{' '}
            {first === null ? (
                `record ${String(record.raises.number)}`
            ) : (
                <Link to={`/records/${String(first)}`}>record {record.raises.number}</Link>
            )}{' '}
            <span className="seal">{record.raises.hash.slice(0, 12)}</span>: that one says what was on it; this one, what came to
            it, and how the whole was judged.
        </p>
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
