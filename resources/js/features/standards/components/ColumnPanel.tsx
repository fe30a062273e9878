import { api, unwrap } from '@api';
import { count } from '@shared/format';
import { ErrorNote } from '@shared/ErrorNote';
import { useMutation } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { type Change, cellChanges, type Draft } from '../document';
import { Field } from '@shared/Field';
import { SidePanel } from '@shared/SidePanel';
import { useKept } from '@shared/kept';

interface Props {
    draft: Draft;
    tier: string;
    onClose: () => void;
    onChange: (changes: Change[]) => Promise<unknown>;
}

/** A column pasted from a spreadsheet: a surface and what the tier asks of it in each line. */
export function ColumnPanel({ draft, tier, onClose, onChange }: Props) {
    const [text, setText] = useKept(`column ${tier}`);
    const name = draft.document.tiers.find((one) => one.id === tier)?.name ?? tier;
    const read = useMutation({
        mutationFn: () =>
            unwrap(
                api.POST('/api/standards/{standardVersion}/columns', {
                    params: { path: { standardVersion: draft.sheet.id } },
                    body: { text },
                }),
            ),
    });
    const cells = read.data?.cells ?? [];
    return (
        <SidePanel title={`Paste a column for ${name}`} onClose={onClose}>
            <p>
                Two columns: the surface, and what is asked. Layers in the order of laying, each in a line of its cell or after a
                semicolon; the degree in brackets. The matrix that you export has this form.
            </p>
            <pre className="example">{'Cloth\tBase coat (2 coats, 12 min); All-over wash (8 min)\nMarking\tnot asked for'}</pre>
            <Field label="The two columns">
                {(id) => (
                    <Input.TextArea
                        id={id}
                        rows={8}
                        value={text}
                        onChange={(event) => {
                            setText(event.target.value);
                            read.reset();
                        }}
                    />
                )}
            </Field>
            <ErrorNote error={read.error} />
            {read.data?.problems.map((problem) => (
                <p key={`${problem.line} ${problem.message}`} className="field-error" role="alert">
                    ◆ Line {problem.line}: {problem.message}
                </p>
            ))}
            {read.data === undefined || read.data.problems.length > 0 ? (
                <Button type="primary" loading={read.isPending} disabled={text.trim() === ''} onClick={() => read.mutate()}>
                    Read it
                </Button>
            ) : (
                <>
                    <p>{count(cells.length, 'cell')} read. Sentences that judge layers which stay are kept.</p>
                    <Button
                        type="primary"
                        onClick={() =>
                            void onChange(cellChanges(draft, tier, cells)).then(() => {
                                setText('');
                                onClose();
                            })
                        }
                    >
                        Take {count(cells.length, 'cell')}
                    </Button>
                </>
            )}
        </SidePanel>
    );
}
