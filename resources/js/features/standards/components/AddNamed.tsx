import { Input, Popover } from 'antd';
import { useState } from 'react';

interface Props {
    label: string;
    onAdd: (name: string) => Promise<unknown>;
}

/** A button that asks for the name of what it adds. */
export function AddNamed({ label, onAdd }: Props) {
    const [name, setName] = useState('');
    const [isOpen, setOpen] = useState(false);
    return (
        <Popover
            trigger="click"
            arrow={false}
            placement="bottomRight"
            open={isOpen}
            onOpenChange={setOpen}
            destroyOnHidden
            content={
                <form
                    className="accept-form"
                    onSubmit={(event) => {
                        event.preventDefault();
                        void onAdd(name.trim()).then(() => {
                            setName('');
                            setOpen(false);
                        });
                    }}
                >
                    <label>
                        Name
                        <Input autoFocus maxLength={190} value={name} onChange={(event) => setName(event.target.value)} />
                    </label>
                    <button type="submit" className="plain-button" disabled={name.trim() === ''}>
                        {label}
                    </button>
                </form>
            }
        >
            <button type="button" className="plain-button tool">
                {label}
            </button>
        </Popover>
    );
}
