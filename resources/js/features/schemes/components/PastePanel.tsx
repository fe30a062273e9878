import type { Schemas } from '@api';
import { ErrorNote } from '@shared/ErrorNote';
import { Field } from '@shared/Field';
import { SidePanel } from '@shared/SidePanel';
import { useKept } from '@shared/kept';
import { Button, Input } from 'antd';
import type { View } from '../queries';
import { useScheme } from '../useScheme';

const example = 'area\tuse\tstep\tmix\ncoat\tbase\t1\tHarbour Slate\ncoat\twash\t1\tNight Tide wash\ncoat\tlayer\t1\tWeir Blue';

/** A list of paints by use, from a spreadsheet, becomes ladders. */
export function PastePanel({ scheme, view, onClose }: { scheme: Schemas['Scheme']; view: View; onClose: () => void }) {
    const [text, setText] = useKept('paints by use');
    const { paste } = useScheme(scheme, view);
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
                        rows={14}
                        value={text}
                        placeholder={example}
                        onChange={(event) => setText(event.target.value)}
                    />
                )}
            </Field>
            <ErrorNote error={paste.error} withPlace />
            <Button
                type="primary"
                disabled={text.trim() === ''}
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
                Take it
            </Button>
        </SidePanel>
    );
}
