import { api, type ApiError, type Schemas, unwrap } from '@api';
import { FileField } from '@shared/FileField';
import { ErrorNote } from '@shared/ErrorNote';
import { Field } from '@shared/Field';
import { count } from '@shared/format';
import { useKept } from '@shared/kept';
import { SidePanel } from '@shared/SidePanel';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { paintKeys } from '../queries';

function formOf(text: string, take: boolean): FormData {
    const form = new FormData();
    form.append('file', new File([text], 'paints.csv', { type: 'text/csv' }));
    form.append('take', take ? '1' : '0');
    return form;
}

/** Paints from a list that is pasted, from a file, or plain ones to begin with; what they bring is shown before they are taken. */
export function PaintFilePanel({ onClose }: { onClose: () => void }) {
    const client = useQueryClient();
    const [text, setText] = useKept('list of paints');
    const send = (take: boolean) => (list: string) =>
        unwrap(api.POST('/api/paint-files', { body: { file: '', take }, bodySerializer: () => formOf(list, take) }));
    const read = useMutation<Schemas['PaintFile'], ApiError, string>({ mutationFn: send(false) });
    const take = useMutation<Schemas['PaintFile'], ApiError, string>({
        mutationFn: send(true),
        onSuccess: () => {
            void client.invalidateQueries({ queryKey: paintKeys.all });
            void client.invalidateQueries({ queryKey: ['schemes'] });
            setText('');
            onClose();
        },
    });
    const put = (list: string) => {
        setText(list);
        take.reset();
        read.mutate(list);
    };
    const starter = useMutation<Schemas['StarterPaints']>({
        mutationFn: () => unwrap(api.GET('/api/starter-paints')),
        onSuccess: (list) => put(list.text),
    });
    const found = read.variables === text ? read.data : undefined;
    return (
        <SidePanel title="Paints from a list" onClose={onClose}>
            <p>
                One paint a line, a name and a hex: <i>Harbour Slate;#3e4c57</i>. Or a table whose first line names its columns:
                name and hex, and where there are any kind, opacity, finish, ml, stock_ml, coats_dark, coats_middle, coats_light;
                or a plain-text palette (.gpl). Of paints that you have, colour and kind are brought up to date; what is left in
                your pots stays.
            </p>
            <Field label="The list">
                {(id) => (
                    <Input.TextArea
                        id={id}
                        rows={8}
                        value={text}
                        placeholder={'Harbour Slate;#3e4c57\nGull White;#f1efe6'}
                        onChange={(event) => setText(event.target.value)}
                    />
                )}
            </Field>
            <div className="list-deeds">
                <Button disabled={text.trim() === ''} loading={read.isPending} onClick={() => put(text)}>
                    Read it
                </Button>
                <Button loading={starter.isPending} onClick={() => starter.mutate()}>
                    Plain paints to begin with
                </Button>
            </div>
            <FileField label="File" accept=".csv,.gpl,text/csv,text/plain" onFile={(chosen) => void chosen.text().then(put)} />
            <ErrorNote error={(read.variables === text ? read.error : null) ?? take.error ?? starter.error} />
            {found !== undefined && (
                <>
                    <p>
                        {count(found.new.length, 'new paint')}, {found.changed.length} with another colour or kind, {found.alike}{' '}
                        as they are.
                    </p>
                    {found.new.length > 0 && <p>New: {found.new.join(', ')}.</p>}
                    {found.changed.length > 0 && <p>Changed: {found.changed.join(', ')}.</p>}
                    <Button
                        type="primary"
                        disabled={found.new.length + found.changed.length === 0}
                        loading={take.isPending}
                        onClick={() => take.mutate(text)}
                    >
                        Take them
                    </Button>
                </>
            )}
        </SidePanel>
    );
}
