import { api, type Schemas, unwrap } from '@api';
import { ErrorNote } from '@shared/ErrorNote';
import { useMutation } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { useId, useState } from 'react';

interface Props {
    /** Whether there are no areas yet. */
    isFirst: boolean;
    onRead: (read: Schemas['AreaList']) => void;
}

const EXAMPLE = `face; face; small; ; hood, collar; 2 eye
hood; cloth; medium; ; face, coat
teeth; bone; tiny; face
coat; cloth; large; ; hood, belt; 4 button
belt; leather; small; coat; ; 1 buckle`;

/** Areas a line each, typed or pasted from a table. */
export function AreaListPanel({ isFirst, onRead }: Props) {
    const id = useId();
    const [text, setText] = useState('');
    const reading = useMutation<Schemas['AreaList']>({
        mutationFn: () => unwrap(api.POST('/api/figure-types/area-list', { body: { text } })),
        onSuccess: (read) => {
            onRead(read);
            setText('');
        },
    });
    return (
        <section className="area-list">
            <label htmlFor={id}>
                An area a line: what it is called; what it is made of; its size; what it sits on; what it touches; pieces. Then,
                if it matters: whether it draws the eye; the part it is on; places with a name
            </label>
            <Input.TextArea
                id={id}
                rows={isFirst ? 8 : 2}
                value={text}
                placeholder={EXAMPLE}
                onChange={(event) => setText(event.target.value)}
                onKeyDown={(event) => {
                    if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) {
                        reading.mutate();
                    }
                }}
            />
            <p>
                <Button onClick={() => reading.mutate()} disabled={text.trim() === ''} loading={reading.isPending}>
                    Read the list
                </Button>{' '}
                Tiny, small, medium, large, or so many percent of the body; what may be left out is left out at the end. A
                question mark after what it is made of (“leather?”): nobody is sure, and each job asks. A table pasted from a
                spreadsheet is read too.
            </p>
            <ErrorNote error={reading.error} />
        </section>
    );
}
