import type { Schemas } from '@api';
import { useMutation } from '@tanstack/react-query';
import { Button } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { ErrorNote } from './ErrorNote';
import { saveFile } from './saveFile';

type Drawn = Schemas['DrawnCount'];

interface Props {
    label: string;
    /** What the file is called on the disk of who asked. */
    name: string;
    /** Draws its pictures on for a moment and says how far it is. */
    draw: (signal: AbortSignal) => Promise<Drawn>;
    /** The paper itself, quick when all is drawn. */
    fetch: (signal: AbortSignal) => Promise<Blob>;
}

/** A paper that takes some seconds to draw: it tells how far it is, and is saved when it is done. Leaving the page ends it. */
export function PaperButton({ label, name, draw, fetch }: Props) {
    const [drawn, setDrawn] = useState<Drawn | null>(null);
    const leaving = useRef<AbortController | null>(null);
    useEffect(() => () => leaving.current?.abort(), []);
    const making = useMutation<null>({
        mutationFn: async () => {
            const { signal } = (leaving.current = new AbortController());
            let at = await draw(signal);
            setDrawn(at);
            while (at.drawn < at.of) {
                at = await draw(signal);
                setDrawn(at);
            }
            saveFile(await fetch(signal), name);
            return null;
        },
        onSettled: () => {
            setDrawn(null);
        },
    });
    return (
        <span className="paper">
            <Button loading={making.isPending} onClick={() => !making.isPending && making.mutate()}>
                {making.isPending ? <Progress drawn={drawn} /> : label}
            </Button>
            <span className="unseen" role="status">
                {making.isPending ? `${label} is being drawn.` : making.isSuccess ? `${name} is saved.` : ''}
            </span>
            <ErrorNote error={making.error} />
        </span>
    );
}

function Progress({ drawn }: { drawn: Drawn | null }) {
    if (drawn === null) {
        return <>Looking at the plates</>;
    }
    if (drawn.drawn === drawn.of) {
        return <>Writing the PDF</>;
    }
    return (
        <>
            Plate {drawn.drawn} of {drawn.of} <progress value={drawn.drawn} max={drawn.of} aria-label="Plates drawn" />
        </>
    );
}
