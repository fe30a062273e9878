import type { Schemas } from '@api';
import { millimetres } from '@shared/format';
import { Severity } from '@shared/Severity';
import { Why } from '@shared/Why';
import { Button, Modal } from 'antd';
import { useState } from 'react';
import type { useCheck } from '../useCheck';
import { FaultNote } from './FaultNote';
import { SendBack } from './SendBack';
import { Undecided } from './Undecided';

const VERDICTS = { accept: 'Accept', rework: 'Rework', concession: 'Concession' } as const;

interface Props {
    check: Schemas['Check'];
    deeds: ReturnType<typeof useCheck>;
    /** The area pointed at, if any. */
    area: string | null;
}

/** What would follow if the figure were judged now, and what leads out of the check. */
export function Running({ check, deeds, area }: Props) {
    const [signing, setSigning] = useState(false);
    return (
        <section className="running" aria-label="Verdict" aria-live="polite">
            <p className="running-say">
                {check.complete ? 'Everything is answered' : `Open: ${check.open}. If it were judged now`}
            </p>
            <p className="verdict">
                {VERDICTS[check.verdict]} <Why why={check.verdict_why} about="the verdict" />
            </p>
            <table className="counts">
                <tbody>
                    {(['critical', 'major', 'minor'] as const).map((severity) => (
                        <tr key={severity}>
                            <th scope="row">
                                <Severity of={severity} />
                            </th>
                            <td aria-hidden="true">
                                <Boxes filled={check.counts[severity]} all={check.tier.limits[severity]} />
                            </td>
                            <td className="number">
                                {check.counts[severity]} of {check.tier.limits[severity]}
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
            <div className="running-deeds">
                {check.verdict === 'rework' ? (
                    <Button type="primary" className="big" disabled={deeds.isPending} onClick={() => deeds.refuse()}>
                        Send back to be mended
                    </Button>
                ) : (
                    <Button
                        type={check.may_sign ? 'primary' : 'default'}
                        className="big"
                        disabled={!check.may_sign || deeds.isPending}
                        onClick={() => setSigning(true)}
                    >
                        Sign off
                    </Button>
                )}
                <Button
                    className="big"
                    disabled={check.undo === null || deeds.isPending}
                    onClick={() => deeds.undo()}
                    aria-keyshortcuts="U"
                >
                    Undo {check.undo !== null && <small>{check.undo}</small>} <kbd>U</kbd>
                </Button>
            </div>
            {check.sign_hint !== '' && <p className="running-hint">{check.sign_hint}</p>}
            {check.undecided.map((one) => (
                <Undecided key={one} area={one} mayAgree={check.may_waive} onAgree={deeds.agreeNotAsked} />
            ))}
            {check.verdict !== 'rework' && check.may_send_back && check.state === 'open' && (
                <SendBack area={area} pending={deeds.isPending} onSend={deeds.refuse} />
            )}
            <ul className="fault-notes">
                {check.faults.map((fault) => (
                    <FaultNote key={fault.id} fault={fault} mayWaive={check.may_waive} deeds={deeds} />
                ))}
            </ul>
            <p className="running-foot">
                Smallest flaw that counts here: {millimetres(check.tier.smallest_mm)}. Look for {check.tier.look_minutes} min.
                Saved with each answer.
            </p>
            <Modal
                open={signing}
                title="Sign this figure off?"
                okText="Sign off"
                cancelText="Not yet"
                onCancel={() => setSigning(false)}
                onOk={() => {
                    setSigning(false);
                    deeds.sign();
                }}
            >
                <p>
                    {check.unit}, figure {check.number}, at {check.tier.name}: {VERDICTS[check.verdict].toLowerCase()}. The record
                    is sealed and cannot be changed afterwards, by nobody.
                    {check.own_work && ' You painted on this figure; the record will say that it is self-checked.'}
                </p>
            </Modal>
        </section>
    );
}

function Boxes({ filled, all }: { filled: number; all: number }) {
    return (
        <span className="boxes">
            {Array.from({ length: Math.min(Math.max(filled, all), 10) }, (_, i) => (
                <i key={i} className={i < filled ? (i < all ? 'filled' : 'over') : ''} />
            ))}
        </span>
    );
}
