import { api, unwrap } from '@api';
import { FileField } from '@shared/FileField';
import { ErrorNote } from '@shared/ErrorNote';
import type { Point } from '@shared/pointing';
import { PointPicture } from '@shared/PointPicture';
import { Swatch } from '@shared/Swatch';
import { useMutation } from '@tanstack/react-query';
import { Button } from 'antd';
import { useEffect, useState } from 'react';

function formOf(file: File, card: Point, swatch: Point): FormData {
    const form = new FormData();
    form.append('file', file);
    form.append('card_x', String(card.x));
    form.append('card_y', String(card.y));
    form.append('x', String(swatch.x));
    form.append('y', String(swatch.y));
    return form;
}

/** The colour of a paint, read from a photograph of a painted swatch that lies beside a grey card. */
export function SwatchCard({ onRead }: { onRead: (hex: string) => void }) {
    const [file, setFile] = useState<File | null>(null);
    const [url, setUrl] = useState<string | null>(null);
    const [card, setCard] = useState<Point | null>(null);
    const [swatch, setSwatch] = useState<Point | null>(null);
    useEffect(() => () => (url === null ? undefined : URL.revokeObjectURL(url)), [url]);
    const read = useMutation({
        mutationFn: (at: { file: File; card: Point; swatch: Point }) =>
            unwrap(
                api.POST('/api/swatch-readings', {
                    body: { file: '', card_x: 0, card_y: 0, x: 0, y: 0 },
                    bodySerializer: () => formOf(at.file, at.card, at.swatch),
                }),
            ),
    });
    const point = (at: Point) => {
        if (card === null) {
            setCard(at);
        } else if (file !== null) {
            setSwatch(at);
            read.mutate({ file, card, swatch: at });
        }
    };
    const points = [
        ...(card === null ? [] : [{ at: card, name: 'grey' }]),
        ...(swatch === null ? [] : [{ at: swatch, name: 'swatch' }]),
    ];
    return (
        <details className="swatch-card">
            <summary>Read it from a photograph</summary>
            <p>
                <small>Photograph the dry swatch beside a grey card of 18 %, both in the same light, without flash.</small>
            </p>
            <FileField
                label="Photograph"
                accept="image/jpeg,image/png,image/webp"
                onFile={(chosen) => {
                    setFile(chosen);
                    setCard(null);
                    setSwatch(null);
                    read.reset();
                    setUrl(URL.createObjectURL(chosen));
                }}
            />
            {url !== null && (
                <>
                    <p>
                        {card === null ? 'Point at the grey card.' : 'Now point at the swatch.'}{' '}
                        {card !== null && (
                            <button type="button" className="link-button" onClick={() => setCard(null)}>
                                Another card
                            </button>
                        )}
                    </p>
                    <PointPicture src={url} about="The photograph" points={points} onPoint={point} />
                </>
            )}
            <ErrorNote error={read.error} />
            {read.data !== undefined && (
                <p className="picked">
                    <Swatch hex={read.data.hex} /> {read.data.hex}{' '}
                    <small>
                        L*a*b* {read.data.lab.join(', ')}; in the photograph {read.data.seen}
                    </small>
                    <Button size="small" onClick={() => onRead(read.data.hex)}>
                        Take this colour
                    </Button>
                </p>
            )}
        </details>
    );
}
