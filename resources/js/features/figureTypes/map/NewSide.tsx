import { api, ApiError, unwrap } from '@api';
import { FileField } from '@shared/FileField';
import { ErrorNote } from '@shared/ErrorNote';
import { PICTURE_KINDS, tooLarge } from '@shared/pictureFile';
import { useMutation } from '@tanstack/react-query';
import { Button } from 'antd';
import type { SideDraft, SideName } from './draftMaps';
import { loaded } from './usePhoto';

interface Props {
    side: SideName;
    /** What is laid out there already; its picture may be another one of the same shape. */
    map: SideDraft | undefined;
    onBegin: (map: SideDraft) => void;
}

/** Places along the longer side of a map: a hand outlines no finer. */
const PLACES = 800;

/** A map without a picture is as high again as half its width. */
const BARE = { width: 400, height: 600 };

/** Shapes that differ by less are one. */
const ALIKE = 0.02;

/** A picture of a side to outline on, or none. */
export function NewSide({ side, map, onBegin }: Props) {
    const upload = useMutation<SideDraft, ApiError | Error, File>({
        mutationFn: async (file) => {
            const refused = tooLarge(file);
            if (refused !== null) {
                throw new Error(refused);
            }
            const { picture } = await unwrap(
                api.POST('/api/figure-pictures', { body: { file: '' }, bodySerializer: () => formOf(file) }),
            );
            const image = await loaded(picture);
            return begun(side, map, picture, image.naturalWidth, image.naturalHeight);
        },
        onSuccess: onBegin,
    });
    return (
        <div className="map-begin">
            <FileField
                label={map === undefined || map.picture === null ? `A picture from ${side}` : 'Another picture'}
                accept={PICTURE_KINDS}
                onFile={(file) => upload.mutate(file)}
            />
            {map === undefined && (
                <Button onClick={() => onBegin({ side, ...BARE, picture: null, rows: [], runs: runsOf(BARE), pieces: [] })}>
                    Draw without a picture
                </Button>
            )}
            {upload.error instanceof ApiError ? (
                <ErrorNote error={upload.error} />
            ) : (
                upload.error !== null && (
                    <p className="field-error" role="alert">
                        ◆ {upload.error.message}
                    </p>
                )
            )}
        </div>
    );
}

function formOf(file: File): FormData {
    const form = new FormData();
    form.append('file', file);
    return form;
}

function runsOf({ width, height }: { width: number; height: number }): string {
    return `0 ${String(width * height)}`;
}

function begun(side: SideName, map: SideDraft | undefined, picture: string, wide: number, high: number): SideDraft {
    if (map !== undefined) {
        if (Math.abs(wide / high / (map.width / map.height) - 1) > ALIKE) {
            throw new Error(
                'This picture is of another shape than what is laid out here; cut it to the same, or take this side off first.',
            );
        }
        return { ...map, picture };
    }
    const scale = Math.min(1, PLACES / Math.max(wide, high));
    const size = { width: Math.max(8, Math.round(wide * scale)), height: Math.max(8, Math.round(high * scale)) };
    return { side, ...size, picture, rows: [], runs: runsOf(size), pieces: [] };
}
