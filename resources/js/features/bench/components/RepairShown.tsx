import type { Schemas } from '@api';
import { fewMinutes } from '@shared/format';
import { Why } from '@shared/Why';
import { Select } from 'antd';
import { MixShown } from './MixShown';

const SHARES = [
    { value: 0.02, label: 'a spot' },
    { value: 0.1, label: 'a tenth of it' },
    { value: 0.25, label: 'a quarter' },
    { value: 0.5, label: 'half' },
    { value: 1, label: 'all of it' },
];

interface Props {
    repair: Schemas['Repair'];
    /** What is mended, for who cannot see where it stands. */
    about: string;
    /** Left out where it is settled what lies where. */
    onLayer?: (layer: string) => void;
    onShare?: (share: number) => void;
}

/** What is laid again, from the layer at fault on, with paints and minutes; before that, what may make it needless. */
export function RepairShown({ repair, about, onLayer, onShare }: Props) {
    return (
        <section className="repair" aria-label={`What is laid again: ${about}`}>
            {repair.first !== null && <p>{repair.first}</p>}
            {repair.instead !== null && <p>{repair.instead}</p>}
            {repair.risk !== null && <p>▲ {repair.risk}</p>}
            {onLayer !== undefined && onShare !== undefined && (
                <div className="repair-where">
                    <label>
                        It lies in
                        <Select
                            value={repair.in}
                            options={repair.layers.map((one) => ({ value: one.layer, label: one.title }))}
                            onChange={onLayer}
                        />
                    </label>
                    <label>
                        and takes up
                        <Select value={repair.share} options={SHARES} onChange={onShare} />
                    </label>
                </div>
            )}
            <ol className="repair-steps">
                {repair.steps.map((step) => (
                    <li key={step.layer}>
                        <b>{step.title}</b> {step.degree}
                        {step.mixes.map((mix) => (
                            <MixShown key={mix.step} mix={mix} />
                        ))}
                    </li>
                ))}
            </ol>
            {repair.caution !== null && <p className="caution">{repair.caution}</p>}
            <p>
                {fewMinutes(repair.minutes)} min with the brush, mixing and drying apart{' '}
                <Why why={repair.why} about={`what is laid again: ${about}`} />
            </p>
        </section>
    );
}
