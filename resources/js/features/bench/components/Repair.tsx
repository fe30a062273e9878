import { ApiError } from '@api';
import { ErrorNote } from '@shared/ErrorNote';
import { fewMinutes } from '@shared/format';
import { Why } from '@shared/Why';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Select } from 'antd';
import { useState } from 'react';
import { repairOptions } from '../queries';
import { MixShown } from './MixShown';

const SHARES = [
    { value: 0.02, label: 'a spot' },
    { value: 0.1, label: 'a tenth of it' },
    { value: 0.25, label: 'a quarter' },
    { value: 0.5, label: 'half' },
    { value: 1, label: 'all of it' },
];

/** What is laid again to mend a fault: from the layer that it lies in. */
export function Repair({ fault, about }: { fault: number; about: string }) {
    const [layer, setLayer] = useState<string | null>(null);
    const [share, setShare] = useState<number | null>(null);
    const repair = useQuery({ ...repairOptions(fault, layer, share), placeholderData: keepPreviousData });
    if (repair.data === undefined) {
        // Where nothing is painted, nothing is laid again: there is no more to say.
        return repair.error instanceof ApiError && repair.error.code === 'no-layers' ? null : <ErrorNote error={repair.error} />;
    }
    const { data } = repair;
    return (
        <section className="repair" aria-label={`What is laid again: ${about}`}>
            {data.first !== null && <p>{data.first}</p>}
            {data.risk !== null && <p>▲ {data.risk}</p>}
            <div className="repair-where">
                <label>
                    It lies in
                    <Select
                        value={data.in}
                        options={[
                            ...data.layers.map((one) => ({ value: one.layer, label: one.title })),
                            { value: '', label: 'foreign paint on top' },
                        ]}
                        onChange={setLayer}
                    />
                </label>
                <label>
                    and takes up
                    <Select value={data.share} options={SHARES} onChange={setShare} />
                </label>
            </div>
            <ol className="repair-steps">
                {data.steps.map((step) => (
                    <li key={step.layer}>
                        <b>{step.title}</b> {step.degree}
                        {step.mixes.map((mix) => (
                            <MixShown key={mix.step} mix={mix} />
                        ))}
                    </li>
                ))}
            </ol>
            <p>
                {fewMinutes(data.minutes)} min with the brush, mixing and drying apart{' '}
                <Why why={data.why} about={`what is laid again: ${about}`} />
            </p>
        </section>
    );
}
