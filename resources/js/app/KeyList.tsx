import { type KeyWord, useShownKeys } from '@shared/keyWords';
import { Modal } from 'antd';

interface Props {
    /** Whether single keys work at all in this studio. */
    single: boolean;
    onClose: () => void;
}

/** The keys that work where one is. */
export function KeyList({ single, onClose }: Props) {
    const here = useShownKeys();
    const everywhere: readonly KeyWord[] = [
        ['Ctrl K', 'finds anything by its name, and goes to any place'],
        ['Tab, Enter', 'reach and press everything'],
    ];
    return (
        <Modal open title="Keys of this place" footer={null} onCancel={onClose} width={520}>
            <dl className="key-list">
                {[...here, ...everywhere].map(([key, does]) => (
                    <div key={`${key} ${does}`}>
                        <dt>
                            <kbd>{key.length === 1 ? key.toUpperCase() : key}</kbd>
                        </dt>
                        <dd>{does}</dd>
                    </div>
                ))}
            </dl>
            {!single && <p>Single keys are off in this studio; the lead turns them on under Studio.</p>}
        </Modal>
    );
}
