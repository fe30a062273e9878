import { useKept } from '@shared/kept';
import { Button, Input } from 'antd';
import { useState } from 'react';

interface Props {
    name: string;
    onWaive: (reason: string, agreedWith: string) => Promise<unknown>;
}

export function WaiveForm({ name, onWaive }: Props) {
    const [open, setOpen] = useState(false);
    const [reason, setReason] = useKept(`leave out ${name}`);
    const [agreed, setAgreed] = useKept(`leave out ${name}, agreed`);
    const [missing, setMissing] = useState(false);
    if (!open) {
        return (
            <button type="button" className="link-button" onClick={() => setOpen(true)} aria-label={`Leave out ${name}`}>
                Leave out
            </button>
        );
    }
    const send = () => {
        if (reason.trim() === '') {
            setMissing(true);
            return;
        }
        onWaive(reason, agreed).then(
            () => {
                setReason('');
                setAgreed('');
                setOpen(false);
            },
            () => undefined,
        );
    };
    return (
        <form
            className="waive-form"
            onSubmit={(event) => {
                event.preventDefault();
                send();
            }}
        >
            <label>
                Why
                <Input
                    autoFocus
                    value={reason}
                    maxLength={500}
                    status={missing ? 'error' : ''}
                    onChange={(event) => setReason(event.target.value)}
                />
            </label>
            {missing && <p role="alert">Say why it is left out; the reason stays on record.</p>}
            <label>
                Agreed with
                <Input
                    value={agreed}
                    maxLength={190}
                    placeholder="whom, if anybody"
                    onChange={(event) => setAgreed(event.target.value)}
                />
            </label>
            <div>
                <Button size="small" htmlType="submit" type="primary">
                    Leave out
                </Button>
                <Button size="small" onClick={() => setOpen(false)}>
                    Keep it
                </Button>
            </div>
        </form>
    );
}
