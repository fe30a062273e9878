import { useKept } from '@shared/kept';
import { Button, Input } from 'antd';
import { useState } from 'react';

interface Props {
    /** The area pointed at, to which the reason is put; null: to the figure. */
    area: string | null;
    pending: boolean;
    onSend: (reason: string, area: string) => void;
}

/** The lead's eye has the last word: a figure goes back though the numbers accept it. */
export function SendBack({ area, pending, onSend }: Props) {
    const [open, setOpen] = useState(false);
    const [reason, setReason] = useKept('send back');
    const [missing, setMissing] = useState(false);
    if (!open) {
        return (
            <button type="button" className="link-button" onClick={() => setOpen(true)}>
                Send it back all the same…
            </button>
        );
    }
    return (
        <form
            className="waive-form"
            aria-label="Send the figure back"
            onSubmit={(event) => {
                event.preventDefault();
                if (reason.trim() === '') {
                    setMissing(true);
                } else {
                    onSend(reason, area ?? '');
                }
            }}
        >
            <label>
                Why it goes back{area !== null && `, to be mended on ${area}`}
                <Input.TextArea
                    autoFocus
                    rows={2}
                    maxLength={500}
                    value={reason}
                    status={missing ? 'error' : ''}
                    onChange={(event) => setReason(event.target.value)}
                />
            </label>
            {missing && <p role="alert">Say why; the painter reads it, and it stays on record.</p>}
            <div>
                <Button type="primary" htmlType="submit" loading={pending}>
                    Send it back
                </Button>
                <Button onClick={() => setOpen(false)}>Keep it here</Button>
            </div>
        </form>
    );
}
