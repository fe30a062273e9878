import { api, unwrap } from '@api';
import { ErrorNote } from '@shared/ErrorNote';
import { count } from '@shared/format';
import { SidePanel } from '@shared/SidePanel';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { paintKeys } from '../queries';

function formOf(file: File, take: boolean): FormData {
    const form = new FormData();
    form.append('file', file);
    form.append('take', take ? '1' : '0');
    return form;
}

/** Paints from a CSV file or a palette; what they bring is shown before they are taken. */
export function PaintFilePanel({ onClose }: { onClose: () => void }) {
    const client = useQueryClient();
    const [file, setFile] = useState<File | null>(null);
    const send = (take: boolean) => (chosen: File) =>
        unwrap(api.POST('/api/paint-files', { body: { file: '', take }, bodySerializer: () => formOf(chosen, take) }));
    const read = useMutation({ mutationFn: send(false) });
    const take = useMutation({
        mutationFn: send(true),
        onSuccess: () => {
            void client.invalidateQueries({ queryKey: paintKeys.all });
            void client.invalidateQueries({ queryKey: ['schemes'] });
            onClose();
        },
    });
    return (
        <SidePanel title="Paints from a file" onClose={onClose}>
            <p>
                A CSV file with the columns name and hex, and where there are any kind, opacity, finish, ml, stock_ml, coats_dark,
                coats_middle, coats_light; or a plain-text palette (.gpl). Of paints that you have, colour and kind are brought up
                to date; what is left in your pots stays.
            </p>
            <label className="file-field">
                File
                <input
                    type="file"
                    accept=".csv,.gpl,text/csv,text/plain"
                    onChange={(event) => {
                        const chosen = event.target.files?.[0] ?? null;
                        setFile(chosen);
                        read.reset();
                        take.reset();
                        if (chosen !== null) {
                            read.mutate(chosen);
                        }
                    }}
                />
            </label>
            <ErrorNote error={read.error ?? take.error} withPlace />
            {read.data !== undefined && file !== null && (
                <>
                    <p>
                        {count(read.data.new.length, 'new paint')}, {read.data.changed.length} with another colour or kind,{' '}
                        {read.data.alike} as they are.
                    </p>
                    {read.data.new.length > 0 && <p>New: {read.data.new.join(', ')}.</p>}
                    {read.data.changed.length > 0 && <p>Changed: {read.data.changed.join(', ')}.</p>}
                    <Button
                        type="primary"
                        disabled={read.data.new.length + read.data.changed.length === 0}
                        loading={take.isPending}
                        onClick={() => take.mutate(file)}
                    >
                        Take them
                    </Button>
                </>
            )}
        </SidePanel>
    );
}
