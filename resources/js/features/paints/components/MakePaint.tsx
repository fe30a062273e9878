import { api, type ApiError, type Schemas, unwrap } from '@api';
import { useSession } from '@features/session';
import { ErrorNote } from '@shared/ErrorNote';
import { Field, TextField } from '@shared/Field';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Button, Select } from 'antd';
import { useState } from 'react';
import { showPaints } from '../queries';
import { emptyPaint, paintKinds } from './PaintPanel';

/** A paint that was written and that the studio has not is made where one is; what was typed stays. */
export function MakePaint({ error, onMade }: { error: ApiError | null; onMade: () => void }) {
    const { user } = useSession();
    // What is being made stays open, whatever is asked of the studio meanwhile.
    const [making, setMaking] = useState<string | null>(null);
    const isUnknown = error?.code === 'unknown-paint' && error.about !== '';
    if (making !== null) {
        return (
            <Making
                name={making}
                onClose={() => setMaking(null)}
                onMade={() => {
                    setMaking(null);
                    onMade();
                }}
            />
        );
    }
    return isUnknown && user.role === 'lead' ? (
        <p>
            <Button size="small" onClick={() => setMaking(error.about)}>
                Make “{error.about}” here
            </Button>
        </p>
    ) : null;
}

function Making({ name, onClose, onMade }: { name: string; onClose: () => void; onMade: () => void }) {
    const client = useQueryClient();
    const [kind, setKind] = useState<(typeof paintKinds)[number]>('layer');
    const [colour, setColour] = useState('');
    const make = useMutation<Schemas['Paint'][]>({
        mutationFn: () => {
            const letsThrough = ['wash', 'stain', 'medium', 'varnish'].includes(kind);
            return unwrap(
                api.POST('/api/paints', {
                    body: { ...emptyPaint, name, kind, colour, opacity: letsThrough ? 'transparent' : 'opaque' },
                }),
            );
        },
        onSuccess: (paints) => {
            showPaints(client, paints);
            onMade();
        },
    });
    const atColour = make.error?.path === '/colour' ? make.error.message : undefined;
    return (
        <section className="make-paint" aria-label={`The paint ${name}`}>
            <TextField
                label={`Colour of ${name}`}
                value={colour}
                error={atColour}
                onChange={setColour}
                hint="A hex like #3e4c57"
            />
            <Field label="Kind">
                {(id) => (
                    <Select
                        id={id}
                        value={kind}
                        options={paintKinds.map((word) => ({ value: word, label: word }))}
                        onChange={setKind}
                    />
                )}
            </Field>
            {make.error !== null && atColour === undefined && <ErrorNote error={make.error} />}
            <div className="list-deeds">
                <Button type="primary" disabled={colour.trim() === ''} loading={make.isPending} onClick={() => make.mutate()}>
                    Make it
                </Button>
                <Button onClick={onClose}>Cancel</Button>
            </div>
        </section>
    );
}
