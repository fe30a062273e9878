import { api, type ApiError, type Schemas, unwrap } from '@api';
import { ErrorNote } from '@shared/ErrorNote';
import { Field } from '@shared/Field';
import { count } from '@shared/format';
import { SidePanel } from '@shared/SidePanel';
import { useKept } from '@shared/kept';
import { useMutation } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import type { View } from '../queries';
import { useScheme } from '../useScheme';
import { LandedLines } from './LandedLines';

const example = 'area\tuse\tstep\tmix\ncoat\tbase\t1\tHarbour Slate\ncoat\twash\t1\tNight Tide wash\ncoat\tlayer\t1\tWeir Blue';

/** A list of paints by use, from a spreadsheet, becomes ladders; where each line lands is shown before it is taken. */
export function PastePanel({ scheme, view, onClose }: { scheme: Schemas['Scheme']; view: View; onClose: () => void }) {
    const [text, setText] = useKept('paints by use');
    const { paste } = useScheme(scheme, view);
    const reading = useMutation<Schemas['ReadList'], ApiError, string>({
        mutationFn: (list) =>
            unwrap(
                api.POST('/api/schemes/{scheme}/recipe-readings', {
                    params: { path: { scheme: scheme.id } },
                    body: { text: list },
                }),
            ),
    });
    // What was read of another text says nothing of this one.
    const read = reading.variables === text ? reading.data : undefined;
    return (
        <SidePanel title="Paints by use, pasted" onClose={onClose}>
            <p>
                The first line names the columns: area, use, mix, and where there are any figure_type and step. What is laid in
                with becomes the base, what is shaded with the shade, the longest row of lights the lights; the rest stays with
                its use.
            </p>
            <Field label="The list">
                {(id) => (
                    <Input.TextArea
                        id={id}
                        rows={read === undefined ? 14 : 5}
                        value={text}
                        placeholder={example}
                        onChange={(event) => setText(event.target.value)}
                    />
                )}
            </Field>
            <ErrorNote error={reading.variables === text ? reading.error : null} />
            <ErrorNote error={paste.error} />
            {read === undefined ? (
                <Button
                    type="primary"
                    disabled={text.trim() === ''}
                    loading={reading.isPending}
                    onClick={() => reading.mutate(text)}
                >
                    Read it
                </Button>
            ) : (
                <>
                    <LandedLines lines={read.lines} types={scheme.types} />
                    <Button
                        type="primary"
                        loading={paste.isPending}
                        onClick={() =>
                            paste.mutate(text, {
                                onSuccess: () => {
                                    setText('');
                                    onClose();
                                },
                            })
                        }
                    >
                        Take {count(read.lines.length, 'line')} into {count(read.areas, 'area')}
                    </Button>
                </>
            )}
        </SidePanel>
    );
}
