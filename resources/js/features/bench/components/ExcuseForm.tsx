import type { Schemas } from '@api';
import { useKept } from '@shared/kept';
import { Button, Input, Radio } from 'antd';
import { useState } from 'react';

export type Excuse = 'later' | 'waived' | 'not-on-figure' | 'unreachable';

interface Props {
    /** Of the step, so that what is typed for one is not found with another. */
    name: string;
    figures: readonly Schemas['SheetFigure'][];
    onExcuse: (figures: number[], state: Excuse, reason: string, agreedWith: string, onStored: () => void) => void;
    onClose: () => void;
}

/** Why a step is not done: it is then excused, with who and why, and does not hold the figure up. */
export function ExcuseForm({ name, figures, onExcuse, onClose }: Props) {
    const [state, setState] = useState<Excuse>('later');
    const [reason, setReason] = useKept(`excuse ${name}`);
    const [agreed, setAgreed] = useKept(`excuse ${name}, agreed`);
    const [forAll, setForAll] = useState(figures.length > 1);
    const [missing, setMissing] = useState(false);
    const first = figures[0];
    return (
        <form
            className="excuse-form"
            aria-label="Why it is not done"
            onSubmit={(event) => {
                event.preventDefault();
                if (reason.trim() === '' || (state === 'waived' && agreed.trim() === '')) {
                    setMissing(true);
                } else if (first !== undefined) {
                    onExcuse(
                        forAll ? figures.map((figure) => figure.id) : [first.id],
                        state,
                        reason,
                        state === 'waived' ? agreed : '',
                        () => {
                            setReason('');
                            setAgreed('');
                        },
                    );
                }
            }}
        >
            <Radio.Group
                value={state}
                onChange={(event) => setState(event.target.value as Excuse)}
                options={[
                    { value: 'later', label: 'left for later on purpose' },
                    { value: 'waived', label: 'left out by agreement' },
                    { value: 'not-on-figure', label: 'not on this figure' },
                    { value: 'unreachable', label: 'cannot be reached' },
                ]}
            />
            {figures.length > 1 && first !== undefined && (
                <Radio.Group
                    value={forAll}
                    onChange={(event) => setForAll(event.target.value as boolean)}
                    options={[
                        { value: true, label: `on all ${figures.length} figures` },
                        { value: false, label: `on figure ${first.number} only` },
                    ]}
                />
            )}
            <label>
                Why
                <Input
                    value={reason}
                    maxLength={500}
                    status={missing && reason.trim() === '' ? 'error' : ''}
                    onChange={(event) => setReason(event.target.value)}
                    autoFocus
                />
            </label>
            {state === 'waived' && (
                <label>
                    Agreed with
                    <Input
                        value={agreed}
                        maxLength={190}
                        status={missing && agreed.trim() === '' ? 'error' : ''}
                        onChange={(event) => setAgreed(event.target.value)}
                    />
                </label>
            )}
            {missing && (
                <p role="alert">
                    {state === 'waived' ? 'Say why, and who agreed; both stay on record.' : 'Say why; it stays on record.'}
                </p>
            )}
            <div>
                <Button type="primary" htmlType="submit">
                    Excuse it
                </Button>
                <Button onClick={onClose}>Back</Button>
            </div>
        </form>
    );
}
