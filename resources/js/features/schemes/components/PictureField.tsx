import { api, type ApiError, type Schemas, unwrap } from '@api';
import { FileField } from '@shared/FileField';
import { ErrorNote } from '@shared/ErrorNote';
import { PICTURE_KINDS, tooLarge } from '@shared/pictureFile';
import type { Point } from '@shared/pointing';
import { PointPicture } from '@shared/PointPicture';
import { Swatch } from '@shared/Swatch';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { schemeKeys } from '../queries';

type Scheme = Schemas['Scheme'];

function formOf(file: File, version: number): FormData {
    const form = new FormData();
    form.append('file', file);
    form.append('version', String(version));
    return form;
}

/** One picture governs a scheme; colours are picked from it, with the paints nearest to them. */
export function PictureField({ scheme, mayChange }: { scheme: Scheme; mayChange: boolean }) {
    const client = useQueryClient();
    const [point, setPoint] = useState<Point | null>(null);
    const [refused, setRefused] = useState<string | null>(null);
    const upload = useMutation<Scheme, ApiError, File>({
        mutationFn: (file) =>
            unwrap(
                api.POST('/api/schemes/{scheme}/picture', {
                    params: { path: { scheme: scheme.id } },
                    body: { file: '', version: scheme.version },
                    bodySerializer: () => formOf(file, scheme.version),
                }),
            ),
        onSuccess: () => void client.invalidateQueries({ queryKey: schemeKeys.all }),
    });
    const pick = useMutation({
        mutationFn: (at: Point) =>
            unwrap(api.POST('/api/schemes/{scheme}/picture-points', { params: { path: { scheme: scheme.id } }, body: at })),
    });
    return (
        <section className="picture-field">
            <h3>The picture that governs</h3>
            {scheme.picture === null ? (
                <p>None yet. Upload a reference picture, then point at it to find the nearest paints.</p>
            ) : (
                <PointPicture
                    src={`/api/schemes/${scheme.id}/picture?of=${scheme.picture}`}
                    about="The picture that governs"
                    points={point === null ? [] : [{ at: point, name: 'here' }]}
                    onPoint={(at) => {
                        setPoint(at);
                        pick.mutate(at);
                    }}
                />
            )}
            <ErrorNote error={pick.error} />
            {pick.data !== undefined && (
                <ul className="paint-list">
                    <li>
                        <Swatch hex={pick.data.hex} /> <b>{pick.data.hex}</b>
                    </li>
                    {pick.data.nearest.map((paint) => (
                        <li key={paint.paint}>
                            <Swatch hex={paint.hex} />
                            <span>
                                {paint.paint}
                                <small>
                                    {' '}
                                    ΔE00 {paint.delta_e}
                                    {paint.side.length > 0 && `, ${paint.side.join(', ')}`}
                                </small>
                            </span>
                        </li>
                    ))}
                </ul>
            )}
            {mayChange && (
                <FileField
                    label={scheme.picture === null ? 'Picture' : 'Another picture'}
                    accept={PICTURE_KINDS}
                    onFile={(chosen) => {
                        upload.reset();
                        const why = tooLarge(chosen);
                        setRefused(why);
                        if (why === null) {
                            upload.mutate(chosen);
                        }
                    }}
                />
            )}
            {refused !== null && (
                <p className="field-error" role="alert">
                    ◆ {refused}
                </p>
            )}
            <ErrorNote error={upload.error} />
        </section>
    );
}
