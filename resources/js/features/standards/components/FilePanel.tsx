import { api, unwrap } from '@api';
import { FileField } from '@shared/FileField';
import { ErrorNote } from '@shared/ErrorNote';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { standardKeys } from '../queries';
import { TextField } from '@shared/Field';
import { SidePanel } from '@shared/SidePanel';
import { DifferenceLines } from './VersionsPanel';

function formOf(file: File, label: string): FormData {
    const form = new FormData();
    form.append('file', file);
    if (label !== '') {
        form.append('label', label);
    }
    return form;
}

/** A standard from a file: what it changes is shown before it is taken as the draft. */
export function FilePanel({ onClose, onTaken }: { onClose: () => void; onTaken: (version: number) => void }) {
    const [file, setFile] = useState<File | null>(null);
    const [label, setLabel] = useState('');
    const client = useQueryClient();
    const read = useMutation({
        mutationFn: (chosen: File) =>
            unwrap(api.POST('/api/standard-file-previews', { body: { file: '' }, bodySerializer: () => formOf(chosen, '') })),
        onSuccess: (preview) => setLabel(preview.version),
    });
    const take = useMutation({
        mutationFn: (chosen: File) =>
            unwrap(api.POST('/api/standard-files', { body: { file: '' }, bodySerializer: () => formOf(chosen, label) })),
        onSuccess: (row) => {
            void client.invalidateQueries({ queryKey: standardKeys.all });
            onTaken(row.id);
        },
    });
    return (
        <SidePanel title="A standard from a file" onClose={onClose}>
            <p>
                A file of the open format ordotype-standard/1. It becomes the draft, in the place of one that is there; what is in
                force stays.
            </p>
            <FileField
                label="File"
                accept=".json,application/json"
                onFile={(chosen) => {
                    setFile(chosen);
                    take.reset();
                    read.reset();
                    read.mutate(chosen);
                }}
            />
            <ErrorNote error={read.error} withPlace />
            {read.data !== undefined && file !== null && (
                <>
                    <h3>
                        {read.data.name} {read.data.version}
                    </h3>
                    {read.data.against === null ? (
                        <p>There is no standard yet to compare it with.</p>
                    ) : read.data.lines.length === 0 ? (
                        <p>It says the same as {read.data.against}.</p>
                    ) : (
                        <>
                            <p>Against {read.data.against}:</p>
                            <DifferenceLines lines={read.data.lines} />
                        </>
                    )}
                    <TextField label="Version" value={label} error={take.error?.byField()['version']} onChange={setLabel} />
                    <ErrorNote error={take.error?.byField()['version'] === undefined ? take.error : null} />
                    <Button type="primary" loading={take.isPending} onClick={() => take.mutate(file)}>
                        Take it as the draft
                    </Button>
                </>
            )}
        </SidePanel>
    );
}
