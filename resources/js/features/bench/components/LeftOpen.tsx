import type { Schemas } from '@api';
import { Button } from 'antd';
import { openOn } from '../marking';
import { numbered } from '../rows';

interface Props {
    /** What lies beneath and is not marked yet; none: nothing is asked. */
    open: readonly Schemas['BenchStep'][];
    figures: readonly Schemas['SheetFigure'][];
    onSure: () => void;
    onBack: () => void;
}

/** A varnish that is marked before its paint, a wash before its base: it is asked once more. */
export function LeftOpen({ open, figures, onSure, onBack }: Props) {
    return open.length === 0 ? null : (
        <div className="still-wet" role="alert">
            <p>What it lies on is not marked yet:</p>
            <ul>
                {open.map((step) => (
                    <li key={`${step.area} ${step.use} ${step.degree}`}>
                        {step.number} {step.title}, {step.area}, on {numbered(openOn(step, figures))}
                    </li>
                ))}
            </ul>
            <div className="still-wet-deeds">
                <Button onClick={onSure}>Mark it all the same</Button>
                <Button onClick={onBack}>Back</Button>
            </div>
        </div>
    );
}
