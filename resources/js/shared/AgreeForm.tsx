import { Button, Input } from 'antd';
import { useState } from 'react';

interface Props {
    /** What is agreed, as the name of the form. */
    about: string;
    /** Words of the button. */
    deed: string;
    onAgree: (reason: string, agreedWith: string) => Promise<unknown>;
    onClose: () => void;
}

/** Something agreed: with whom, and why. Both are needed, and kept. */
export function AgreeForm({ about, deed, onAgree, onClose }: Props) {
    const [agreed, setAgreed] = useState('');
    const [reason, setReason] = useState('');
    const [missing, setMissing] = useState(false);
    const lacks = (text: string) => (missing && text.trim() === '' ? 'error' : '');
    return (
        <form
            className="waive-form"
            aria-label={`Agree: ${about}`}
            onSubmit={(event) => {
                event.preventDefault();
                if (agreed.trim() === '' || reason.trim() === '') {
                    setMissing(true);
                } else {
                    onAgree(reason, agreed).then(onClose, () => undefined);
                }
            }}
        >
            <label>
                Agreed with
                <Input
                    autoFocus
                    value={agreed}
                    maxLength={190}
                    status={lacks(agreed)}
                    onChange={(event) => setAgreed(event.target.value)}
                />
            </label>
            <label>
                Why
                <Input
                    value={reason}
                    maxLength={500}
                    status={lacks(reason)}
                    onChange={(event) => setReason(event.target.value)}
                />
            </label>
            {missing && <p role="alert">Say who agreed and why; both stay on record.</p>}
            <div>
                <Button size="small" type="primary" htmlType="submit">
                    {deed}
                </Button>
                <Button size="small" onClick={onClose}>
                    Back
                </Button>
            </div>
        </form>
    );
}
