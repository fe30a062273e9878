import type { Schemas } from '@api';
import { useSession } from '@features/session';
import { timeOfDay } from '@shared/format';
import { Button } from 'antd';

interface Props {
    sheet: Schemas['BenchSheet'];
    wet: readonly Schemas['BenchStep']['wet'][number][];
    /** Whether it is asked if the step is marked all the same. */
    asks: boolean;
    onSure: () => void;
    onWait: () => void;
}

/** What is wet where a step would go, and by when it is dry; a press too early is asked about once. */
export function StillWet({ sheet, wet, asks, onSure, onWait }: Props) {
    const { studio } = useSession();
    const last = wet.reduce<Props['wet'][number] | null>(
        (late, one) => (late === null || one.minutes > late.minutes ? one : late),
        null,
    );
    if (last === null) {
        return null;
    }
    const numbers = sheet.figures
        .filter((figure) => wet.some((one) => one.figure_id === figure.id))
        .map((figure) => figure.number);
    const where = numbers.length === 1 ? `Figure ${String(numbers[0])} is` : `Figures ${numbers.join(', ')} are`;
    return (
        <div className="still-wet" role={asks ? 'alert' : 'note'}>
            <p>
                {where} wet here, dry by {timeOfDay(last.until, studio.time_zone)} at the latest ({last.by}).
            </p>
            {asks && (
                <div className="still-wet-deeds">
                    <span>Paint on what is wet lifts it.</span>
                    <Button onClick={onSure}>It is dry, mark it</Button>
                    <Button onClick={onWait}>Wait</Button>
                </div>
            )}
        </div>
    );
}
