import type { Schemas } from '@api';
import { NumberInput } from '@shared/NumberInput';
import { millimetres } from '@shared/format';
import type { Point } from '@shared/pointing';
import { useKept } from '@shared/kept';
import { Button, Checkbox, Input, Modal, Select } from 'antd';
import { useState } from 'react';
import { type FlawName, flawName, FLAWS } from '../flaws';
import type { NotedFlaw, SideName } from '../useCheck';

const SIZES = [0.2, 0.5, 1, 2, 5];

interface Props {
    check: Schemas['Check'];
    side: SideName;
    area: string | null;
    /** Where on the picture of this side somebody pointed. */
    place: Point | null;
    onNote: (flaw: NotedFlaw) => Promise<unknown>;
    onClose: () => void;
}

/** A flaw: what, where and how large. How bad it is follows from the tier's distance. */
export function FlawForm({ check, side, area, place, onNote, onClose }: Props) {
    const [flaw, setFlaw] = useState<FlawName>('patch');
    const [where, setWhere] = useState(
        area ?? check.areas.find((one) => one.sides.includes(side) && one.surface !== 'whole')?.area ?? '',
    );
    const [size, setSize] = useState<number | null>(null);
    const [note, setNote] = useKept(`flaw ${side}`);
    const [isPlaced, setIsPlaced] = useState(true);
    const sized = flaw !== 'broken';
    const ready = where !== '' && (!sized || size !== null);
    const send = () => {
        if (ready) {
            onNote({ flaw, area: where, side, size: sized ? size : null, note, place: isPlaced ? place : null }).then(
                () => {
                    setNote('');
                    onClose();
                },
                () => undefined,
            );
        }
    };
    return (
        <Modal open title={`A flaw, seen from ${side}`} onCancel={onClose} footer={null} width={460} destroyOnHidden>
            <form
                className="flaw-form"
                onSubmit={(event) => {
                    event.preventDefault();
                    send();
                }}
            >
                <div className="flaw-kinds" role="group" aria-label="What">
                    {FLAWS.map((one) => (
                        <button key={one} type="button" aria-pressed={one === flaw} onClick={() => setFlaw(one)}>
                            {flawName(one)}
                        </button>
                    ))}
                </div>
                <label>
                    On
                    <Select
                        aria-label="On which area"
                        value={where}
                        options={check.areas.map((one) => ({ value: one.area, label: one.area }))}
                        onChange={setWhere}
                    />
                </label>
                {sized && (
                    <label>
                        {flaw === 'wide-line' ? 'Width of the line' : 'Largest extent'}, mm
                        <NumberInput
                            aria-label="Size in millimetres"
                            min={0}
                            max={500}
                            step={0.1}
                            value={size}
                            onChange={setSize}
                            onUnreadable={() => setSize(null)}
                            autoFocus
                        />
                    </label>
                )}
                {sized && (
                    <div className="flaw-sizes" role="group" aria-label="Common sizes">
                        {SIZES.map((one) => (
                            <button key={one} type="button" aria-pressed={one === size} onClick={() => setSize(one)}>
                                {one} mm
                            </button>
                        ))}
                        <p>
                            {check.tier.name} notices from {millimetres(check.tier.smallest_mm)} at {check.tier.distance_mm} mm;
                            what is smaller is noted and not counted.
                        </p>
                    </div>
                )}
                {place !== null && (
                    <Checkbox checked={isPlaced} onChange={(event) => setIsPlaced(event.target.checked)}>
                        It is where I pointed
                    </Checkbox>
                )}
                <label>
                    Note
                    <Input value={note} maxLength={500} onChange={(event) => setNote(event.target.value)} />
                </label>
                <Button type="primary" htmlType="submit" className="big" disabled={!ready}>
                    Note the flaw
                </Button>
            </form>
        </Modal>
    );
}
