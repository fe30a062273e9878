import type { Schemas } from '@api';
import { Why, WhyText } from '@shared/Why';
import { Button, Input, Popover } from 'antd';
import { useState } from 'react';

type Finding = Schemas['SheetFinding'];

interface Props {
    finding: Finding;
    /** Null: this version is only read. */
    deeds?: FindingDeeds | null;
    /** Whether its fix has a key here. */
    isKeyed?: boolean;
}

export interface FindingDeeds {
    fix: (finding: Finding) => void;
    accept: (finding: Finding, reason: string) => void;
    unaccept: (finding: Finding) => void;
}

export function FindingNote({ finding, deeds = null, isKeyed = false }: Props) {
    if (finding.accepted !== null) {
        return <Accepted finding={finding} deeds={deeds} />;
    }
    return (
        <p className={finding.advice ? 'finding finding-advice' : 'finding'}>
            <span aria-hidden="true">{finding.advice ? '▲ ' : '◆ '}</span>
            <span className="unseen">{finding.advice ? 'Advice: ' : 'Finding: '}</span>
            {finding.message} <Why why={finding.why} about={finding.message} />
            {deeds !== null && <Deeds finding={finding} deeds={deeds} isKeyed={isKeyed} />}
        </p>
    );
}

/** An accepted finding takes a line; what it was and why it is left opens. */
function Accepted({ finding, deeds }: { finding: Finding; deeds: FindingDeeds | null }) {
    const by = finding.accepted_by === null || finding.accepted_by === '' ? '' : ` by ${finding.accepted_by}`;
    const text = (
        <div className="why-text">
            <p>{finding.message}</p>
            <p>
                Accepted{by}: {finding.accepted}
            </p>
            <WhyText why={finding.why} />
            {deeds !== null && (
                <button type="button" className="link-button" onClick={() => deeds.unaccept(finding)}>
                    Take the acceptance back
                </button>
            )}
        </div>
    );
    return (
        <p className="finding finding-accepted">
            <span aria-hidden="true">○ </span>
            <Popover trigger="click" content={text} arrow={false} placement="bottomLeft">
                <button type="button" className="why">
                    accepted finding
                    <span className="unseen">: {finding.message}</span>
                </button>
            </Popover>
        </p>
    );
}

function Deeds({ finding, deeds, isKeyed }: { finding: Finding; deeds: FindingDeeds; isKeyed: boolean }) {
    return (
        <span className="finding-deeds">
            {finding.fix !== null && (
                <button type="button" className="link-button" onClick={() => deeds.fix(finding)}>
                    {finding.fix.label} {isKeyed && <kbd>X</kbd>}
                </button>
            )}
            <Popover
                trigger="click"
                arrow={false}
                placement="bottomLeft"
                destroyOnHidden
                content={<AcceptForm onAccept={(reason) => deeds.accept(finding, reason)} />}
            >
                <button type="button" className="link-button">
                    Accept
                    <span className="unseen">: {finding.message}</span>
                </button>
            </Popover>
        </span>
    );
}

function AcceptForm({ onAccept }: { onAccept: (reason: string) => void }) {
    const [reason, setReason] = useState('');
    return (
        <form
            className="accept-form"
            onSubmit={(event) => {
                event.preventDefault();
                if (reason.trim() !== '') {
                    onAccept(reason.trim());
                }
            }}
        >
            <label>
                Why it is left as it is
                <Input.TextArea
                    autoFocus
                    rows={2}
                    maxLength={500}
                    value={reason}
                    onChange={(event) => setReason(event.target.value)}
                />
            </label>
            <Button htmlType="submit" type="primary" disabled={reason.trim() === ''}>
                Accept the finding
            </Button>
        </form>
    );
}
