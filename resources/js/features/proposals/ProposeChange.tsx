import { api, unwrap } from '@api';
import { ErrorNote } from '@shared/ErrorNote';
import { useKept } from '@shared/kept';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { App, Button, Input, Modal } from 'antd';
import { useState } from 'react';
import { proposalKeys } from './queries';

interface Props {
    job: number;
    tier: string;
    surface: string;
    use: string | null;
    /** What is spoken of, in words. */
    about: string;
}

/** Asks the lead to change the standard, from where one sees that it should be changed. */
export function ProposeChange({ job, tier, surface, use, about }: Props) {
    const [isOpen, setOpen] = useState(false);
    const [text, setText] = useKept(`proposal ${tier} ${surface} ${use ?? ''} ${about}`);
    const client = useQueryClient();
    const { message } = App.useApp();
    const propose = useMutation({
        mutationFn: () =>
            unwrap(api.POST('/api/jobs/{job}/proposals', { params: { path: { job } }, body: { tier, surface, use, text } })),
        onSuccess: () => {
            setOpen(false);
            setText('');
            void message.success('The lead sees it in the standard.');
            void client.invalidateQueries({ queryKey: proposalKeys.all });
        },
    });
    return (
        <>
            <button type="button" className="link-button" onClick={() => setOpen(true)}>
                Propose a change of the standard
            </button>
            <Modal
                open={isOpen}
                title={`Propose a change: ${about}`}
                onCancel={() => setOpen(false)}
                footer={
                    <Button
                        type="primary"
                        loading={propose.isPending}
                        disabled={text.trim() === ''}
                        onClick={() => propose.mutate()}
                    >
                        Send it to the lead
                    </Button>
                }
            >
                <label className="reason">
                    What should be otherwise, and why
                    <Input.TextArea rows={4} maxLength={1000} value={text} onChange={(event) => setText(event.target.value)} />
                </label>
                <ErrorNote error={propose.error} />
            </Modal>
        </>
    );
}
