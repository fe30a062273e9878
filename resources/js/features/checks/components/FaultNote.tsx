import type { Schemas } from '@api';
import { AgreeForm } from '@shared/AgreeForm';
import { Severity } from '@shared/Severity';
import { Why } from '@shared/Why';
import { useState } from 'react';
import { faultName } from '../flaws';
import type { useCheck } from '../useCheck';

interface Props {
    fault: Schemas['CheckFault'];
    mayWaive: boolean;
    deeds: ReturnType<typeof useCheck>;
}

export function FaultNote({ fault, mayWaive, deeds }: Props) {
    const [waiving, setWaiving] = useState(false);
    const name = faultName(fault);
    return (
        <li className={fault.severity === 'none' ? 'not-counted' : ''}>
            <p>
                <Severity of={fault.severity} bare /> <b>{name}</b>
                {fault.area !== '' && ` on ${fault.area}`}
                {fault.side !== null && `, ${fault.side}`}
                {fault.size_mm !== null && `, ${fault.size_mm} mm`}
            </p>
            {fault.size_mm !== null && <Ruler size={fault.size_mm} />}
            {fault.text !== '' && <p>{fault.text}</p>}
            <p className="fault-sentence">
                {fault.sentence} <Why why={fault.why} about={`${name} on ${fault.area}`} />
            </p>
            {fault.waived !== null && (
                <p>
                    Waived by {fault.waived.by}, agreed with {fault.waived.agreed_with}: {fault.waived.reason}
                </p>
            )}
            <div className="fault-deeds">
                {fault.criterion === null && fault.waived === null && fault.kind !== 'sent-back' && (
                    <button type="button" className="link-button" onClick={() => deeds.removeFlaw(fault.id)}>
                        Take it away
                    </button>
                )}
                {mayWaive && fault.waived === null && fault.severity !== 'none' && !waiving && (
                    <button type="button" className="link-button" onClick={() => setWaiving(true)}>
                        Waive it
                    </button>
                )}
            </div>
            {waiving && (
                <AgreeForm
                    about={`fault ${fault.id} is waived`}
                    deed="Waive it"
                    onAgree={(reason, agreed) => deeds.waive(fault, agreed, reason)}
                    onClose={() => setWaiving(false)}
                />
            )}
        </li>
    );
}

/** A size beside a scale of five millimetres; what is larger fills it. */
function Ruler({ size }: { size: number }) {
    return (
        <svg className="ruler" viewBox="0 0 200 16" role="img" aria-label={`${size} mm beside a scale of 5 mm`}>
            <path d="M0.5 0v8h199v-8M40 8v-5M80 8v-5M120 8v-5M160 8v-5" />
            <rect x="0" y="11" width={Math.max(Math.min(size, 5) * 40, 1)} height="5" />
        </svg>
    );
}
