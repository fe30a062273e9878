import { api, ApiError, type Schemas, unwrap } from '@api';
import { useMutation } from '@tanstack/react-query';
import { Button } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { ErrorNote } from './ErrorNote';
import { saveFile } from './saveFile';
import { waited } from './waited';

type Standing = Schemas['PaperStanding'];

/** Who waits is told how far it is so often, in milliseconds. */
const BETWEEN = 200;

interface Props {
    label: string;
    /** What the file is called on the disk of who asked. */
    name: string;
    /** Has it made; who asks for what is being made already is told how far that is. */
    ask: (signal: AbortSignal) => Promise<Standing>;
}

/** A paper that takes some seconds to make: it tells how far it is, and is saved when it is done. Who leaves the page does not get it, and finds it made when they ask again. */
export function PaperButton({ label, name, ask }: Props) {
    const [standing, setStanding] = useState<Standing | null>(null);
    const leaving = useRef<AbortController | null>(null);
    useEffect(() => () => leaving.current?.abort(), []);
    const making = useMutation<null>({
        mutationFn: async () => {
            const { signal } = (leaving.current = new AbortController());
            saveFile(await made(ask, setStanding, signal), name);
            return null;
        },
        onSettled: () => {
            setStanding(null);
        },
    });
    return (
        <span className="paper">
            <Button loading={making.isPending} onClick={() => !making.isPending && making.mutate()}>
                {making.isPending ? <Progress standing={standing} /> : label}
            </Button>
            <span className="unseen" role="status">
                {making.isPending ? `${label} is being made.` : making.isSuccess ? `${name} is saved.` : ''}
            </span>
            {standing?.state === 'waiting' && standing.said !== null && <small role="status">{standing.said}</small>}
            <ErrorNote error={making.error} />
        </span>
    );
}

async function made(ask: Props['ask'], tell: (standing: Standing) => void, signal: AbortSignal): Promise<Blob> {
    let at = await ask(signal);
    tell(at);
    const params = { path: { paper: at.id } };
    while (at.state === 'waiting' || at.state === 'drawing') {
        await waited(BETWEEN, signal);
        at = await unwrap(api.GET('/api/papers/{paper}', { params, signal }));
        tell(at);
    }
    if (at.state === 'failed') {
        throw new ApiError(422, 'not-made', at.said ?? '', '', []);
    }
    return unwrap(api.GET('/api/papers/{paper}/file', { params, parseAs: 'blob', signal }));
}

function Progress({ standing }: { standing: Standing | null }) {
    if (standing === null || standing.state === 'waiting') {
        return <>Waiting for its turn</>;
    }
    if (standing.drawn === standing.of) {
        return <>Writing the PDF</>;
    }
    return (
        <>
            Plate {standing.drawn} of {standing.of}{' '}
            <progress value={standing.drawn} max={standing.of} aria-label="Plates drawn" />
        </>
    );
}
