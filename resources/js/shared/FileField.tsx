import { useId, useState } from 'react';

interface Props {
    label: string;
    accept: string;
    onFile: (file: File) => void;
}

/** A file, chosen or dropped here; what was taken last is named. */
export function FileField({ label, accept, onFile }: Props) {
    const id = useId();
    const [name, setName] = useState('');
    const [isOver, setOver] = useState(false);
    const take = (file: File | undefined) => {
        if (file !== undefined) {
            setName(file.name);
            onFile(file);
        }
    };
    return (
        <div className="file-field">
            <label htmlFor={id}>{label}</label>
            <span
                className={isOver ? 'file-box file-over' : 'file-box'}
                onDragOver={(event) => {
                    event.preventDefault();
                    setOver(true);
                }}
                onDragLeave={() => setOver(false)}
                onDrop={(event) => {
                    event.preventDefault();
                    setOver(false);
                    take(event.dataTransfer.files[0]);
                }}
            >
                <input
                    id={id}
                    type="file"
                    accept={accept}
                    onChange={(event) => {
                        take(event.target.files?.[0]);
                        // The same file, mended meanwhile, can be taken again.
                        event.target.value = '';
                    }}
                />
                <span className="file-press" aria-hidden="true">
                    Choose a file
                </span>
                <span className="file-name">{name === '' ? 'or drop it here' : name}</span>
            </span>
        </div>
    );
}
