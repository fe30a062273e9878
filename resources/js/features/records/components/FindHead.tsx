import { api, unwrap } from '@api';
import { ErrorNote } from '@shared/ErrorNote';
import { NumberInput } from '@shared/NumberInput';
import { useMutation } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { useState } from 'react';

/** A certificate in hand: whether the chain still contains the record that it names. */
export function FindHead() {
    const [open, setOpen] = useState(false);
    const [number, setNumber] = useState<number | null>(null);
    const [seal, setSeal] = useState('');
    const asking = useMutation({
        mutationFn: () => unwrap(api.GET('/api/chain/head', { params: { query: { number: number ?? 0, hash: seal.trim() } } })),
    });
    if (!open) {
        return (
            <p className="find-head-open">
                <button type="button" className="link-button" onClick={() => setOpen(true)}>
                    Check a certificate against the chain
                </button>
            </p>
        );
    }
    return (
        <form
            className="find-head"
            aria-label="A certificate against the chain"
            onSubmit={(event) => {
                event.preventDefault();
                asking.mutate();
            }}
        >
            <label>
                Record
                <NumberInput aria-label="Record" whole min={1} value={number} onChange={setNumber} />
            </label>
            <label>
                Seal
                <Input
                    value={seal}
                    placeholder="64 digits, at the foot of the certificate"
                    onChange={(event) => setSeal(event.target.value)}
                />
            </label>
            <Button type="primary" htmlType="submit" loading={asking.isPending}>
                Look for it
            </Button>
            <ErrorNote error={asking.error} />
            {asking.data !== undefined && (
                <p role="status">
                    <b>{asking.data.contained ? '✓' : '◆'}</b> {asking.data.message}
                </p>
            )}
        </form>
    );
}
