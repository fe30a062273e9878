import { Button, Input } from 'antd';
import { useState } from 'react';
import { useKept } from './kept';

interface Props {
    /** What is agreed, as the name of the form; by it the half-filled form is found again. */
    about: string;
    /** Words of the button. */
    deed: string;
    /** Words of the button that leaves it. */
    back?: string;
    /** Whether it may be one's own decision, agreed with nobody. */
    alone?: boolean;
    onAgree: (reason: string, agreedWith: string) => Promise<unknown>;
    onClose: () => void;
}

/** Something agreed: why, and with whom. What is typed is kept until it is agreed. */
export function AgreeForm({ about, deed, back = 'Back', alone = false, onAgree, onClose }: Props) {
    const [agreed, setAgreed] = useKept(`agree ${about}, with`);
    const [reason, setReason] = useKept(`agree ${about}, why`);
    const [missing, setMissing] = useState(false);
    const lacks = (text: string) => (missing && text.trim() === '' ? 'error' : '');
    const done = () => {
        setAgreed('');
        setReason('');
        onClose();
    };
    const why = (
        <label key="why">
            Why
            <Input
                autoFocus={alone}
                value={reason}
                maxLength={500}
                status={lacks(reason)}
                onChange={(event) => setReason(event.target.value)}
            />
        </label>
    );
    const whom = (
        <label key="whom">
            Agreed with
            <Input
                autoFocus={!alone}
                value={agreed}
                maxLength={190}
                placeholder={alone ? 'whom, if anybody' : ''}
                status={alone ? '' : lacks(agreed)}
                onChange={(event) => setAgreed(event.target.value)}
            />
        </label>
    );
    return (
        <form
            className="waive-form"
            aria-label={`Agree: ${about}`}
            onSubmit={(event) => {
                event.preventDefault();
                if (reason.trim() === '' || (!alone && agreed.trim() === '')) {
                    setMissing(true);
                } else {
                    onAgree(reason, agreed).then(done, () => undefined);
                }
            }}
        >
            {alone ? [why, whom] : [whom, why]}
            {missing && (
                <p role="alert">
                    {alone
                        ? 'Say why it is left out; the reason stays on record.'
                        : 'Say who agreed and why; both stay on record.'}
                </p>
            )}
            <div>
                <Button size="small" type="primary" htmlType="submit">
                    {deed}
                </Button>
                <Button size="small" onClick={onClose}>
                    {back}
                </Button>
            </div>
        </form>
    );
}
