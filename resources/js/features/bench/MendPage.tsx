import { api, type Schemas, unwrap } from '@api';
import { faultName } from '@features/checks';
import { useSession } from '@features/session';
import { Empty } from '@shared/Empty';
import { ErrorNote } from '@shared/ErrorNote';
import { instant } from '@shared/format';
import { Loaded } from '@shared/Loaded';
import { PageHead } from '@shared/PageHead';
import { Severity } from '@shared/Severity';
import { Why } from '@shared/Why';
import { useKept } from '@shared/kept';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { useNavigate, useParams } from 'react-router';
import { Repair } from './components/Repair';
import { benchKeys, faultsOptions } from './queries';

export function MendPage() {
    const figure = Number(useParams()['figure']);
    const faults = useQuery(faultsOptions(figure));
    return <Loaded query={faults}>{(mend) => <Mending mend={mend} />}</Loaded>;
}

function Mending({ mend }: { mend: Schemas['Mend'] }) {
    const { studio } = useSession();
    const client = useQueryClient();
    const navigate = useNavigate();
    const handing = useMutation({
        mutationFn: () => unwrap(api.POST('/api/hand-overs', { body: { figures: [mend.figure.id] } })),
        onSuccess: async () => {
            await client.invalidateQueries();
            await navigate('/');
        },
    });
    return (
        <div className="mend">
            <PageHead
                title={`${mend.figure.unit}, figure ${mend.figure.number}`}
                sub={
                    mend.refused_by === null
                        ? `${mend.tier} · was not sent back`
                        : `${mend.tier} · sent back by ${mend.refused_by}${mend.refused_at === null ? '' : `, ${instant(mend.refused_at, studio.time_zone)}`}`
                }
            />
            {mend.faults.length === 0 && <Empty say="There is nothing to mend on this figure." />}
            {mend.faults.length > 0 && (
                <p className="mend-say">
                    {mend.verdict_sentence} After that the mended areas, their neighbours and what failed are checked again; the
                    rest stands.
                </p>
            )}
            <ol className="faults">
                {mend.faults.map((fault) => (
                    <FaultToMend key={fault.id} fault={fault} may={mend.may_mend} figure={mend.figure.id} />
                ))}
            </ol>
            <ErrorNote error={handing.error} />
            {mend.may_mend && (
                <Button
                    type="primary"
                    className="big"
                    disabled={mend.to_mend > 0}
                    loading={handing.isPending}
                    onClick={() => handing.mutate()}
                >
                    Hand it over to be checked again
                </Button>
            )}
        </div>
    );
}

/** What is mended with paint; a broken part is glued, and what the lead says is said. */
const LAID_AGAIN: readonly Schemas['CheckFault']['kind'][] = ['criterion', 'missing', 'flaw'];

function FaultToMend({ fault, may, figure }: { fault: Schemas['CheckFault']; may: boolean; figure: number }) {
    const client = useQueryClient();
    const [note, setNote] = useKept(`mend ${fault.id}`);
    const { studio } = useSession();
    const mending = useMutation({
        mutationFn: () =>
            unwrap(api.POST('/api/faults/{fault}/mending', { params: { path: { fault: fault.id } }, body: { note } })),
        onSuccess: async (mend) => {
            setNote('');
            client.setQueryData(benchKeys.faults(figure), mend);
            await client.invalidateQueries({ queryKey: ['today'] });
        },
    });
    const counts = fault.severity !== 'none' || fault.kind === 'sent-back';
    return (
        <li className={fault.mended !== null ? 'fault-mended' : ''}>
            <h2>
                <Severity of={fault.severity} bare /> {words(fault)}
            </h2>
            <p>
                {fault.sentence} <Why why={fault.why} about={words(fault)} />
            </p>
            {fault.note !== '' && <p>{fault.note}</p>}
            {fault.waived !== null && (
                <p>
                    Waived by {fault.waived.by}, agreed with {fault.waived.agreed_with}: {fault.waived.reason}
                </p>
            )}
            {fault.mended !== null && (
                <p>
                    ✓ Mended by {fault.mended.by}
                    {fault.mended.at !== null && `, ${instant(fault.mended.at, studio.time_zone)}`}
                    {fault.mended.note !== '' && `: ${fault.mended.note}`}
                </p>
            )}
            {counts && fault.mended === null && LAID_AGAIN.includes(fault.kind) && fault.area !== '' && (
                <Repair fault={fault.id} about={words(fault)} />
            )}
            {may && counts && fault.mended === null && (
                <form
                    className="mend-form"
                    onSubmit={(event) => {
                        event.preventDefault();
                        mending.mutate();
                    }}
                >
                    <Input
                        aria-label={`How it was mended: ${words(fault)}`}
                        placeholder="how, if it matters"
                        value={note}
                        maxLength={500}
                        onChange={(event) => setNote(event.target.value)}
                    />
                    <Button type="primary" htmlType="submit" className="big" loading={mending.isPending}>
                        Mended
                    </Button>
                </form>
            )}
            <ErrorNote error={mending.error} />
        </li>
    );
}

/** What is wrong, how large, and where. */
function words(fault: Schemas['CheckFault']): string {
    const what = fault.criterion === null ? faultName(fault) : `${faultName(fault)}: ${fault.text}`;
    return `${what}${fault.area === '' ? '' : ` · ${fault.area}`}${fault.side === null ? '' : `, ${fault.side}`}${fault.size_mm === null ? '' : `, ${fault.size_mm} mm`}`;
}
