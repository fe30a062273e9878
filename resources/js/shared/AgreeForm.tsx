import { Button, Input } from 'antd';
import { useState } from 'react';
import { useKept } from './kept';
import { NumberInput } from './NumberInput';

interface Props {
    /** What is agreed, as the name of the form; by it the half-filled form is found again. */
    about: string;
    /** Words of the button. */
    deed: string;
    /** Words of the button that leaves it. */
    back?: string;
    /** Whether it may be one's own decision, agreed with nobody. */
    alone?: boolean;
    /** Label of the field for a price; left out: none is asked. */
    price?: string;
    /** What is said where no reason is given. */
    lacking?: string;
    /** The price is in the unit of the label; null: none was agreed. */
    onAgree: (reason: string, agreedWith: string, price: number | null) => Promise<unknown>;
    onClose: () => void;
}

/** Something agreed: why, and with whom. What is typed is kept until it is agreed. */
export function AgreeForm({ about, deed, back = 'Back', alone = false, price, lacking, onAgree, onClose }: Props) {
    const [agreed, setAgreed] = useKept(`agree ${about}, with`);
    const [reason, setReason] = useKept(`agree ${about}, why`);
    const [asked, setAsked] = useKept(`agree ${about}, price`);
    const [missing, setMissing] = useState(false);
    const lacks = (text: string) => (missing && text.trim() === '' ? 'error' : '');
    const done = () => {
        setAgreed('');
        setReason('');
        setAsked('');
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
                    onAgree(reason, agreed, asked === '' ? null : Number(asked)).then(done, () => undefined);
                }
            }}
        >
            {alone ? [why, whom] : [whom, why]}
            {price !== undefined && (
                <label>
                    {price}
                    <NumberInput
                        min={0}
                        max={999_999_999}
                        value={asked === '' ? null : Number(asked)}
                        placeholder="if one was agreed"
                        onChange={(value) => setAsked(value === null ? '' : String(value))}
                    />
                </label>
            )}
            {missing && (
                <p role="alert">
                    {lacking ??
                        (alone
                            ? 'Say why it is left out; the reason stays on record.'
                            : 'Say who agreed and why; both stay on record.')}
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
