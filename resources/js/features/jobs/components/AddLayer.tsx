import type { Schemas } from '@api';
import { AgreeForm } from '@shared/AgreeForm';
import { Field } from '@shared/Field';
import { fewMinutes } from '@shared/format';
import { useQuery } from '@tanstack/react-query';
import { Button, Select } from 'antd';
import { useState } from 'react';
import { furtherUsesOptions } from '../queries';

interface Props {
    unit: number;
    /** Null: all figures of the unit. */
    figure: number | null;
    area: string;
    currency: string;
    onAdd: (use: Schemas['FurtherUse'], reason: string, agreedWith: string, price: number | null) => Promise<unknown>;
}

/** A layer of another tier on this area, with why, agreed with whom, at what price. */
export function AddLayer({ unit, figure, area, currency, onAdd }: Props) {
    const [open, setOpen] = useState(false);
    return open ? (
        <ChooseLayer unit={unit} figure={figure} area={area} currency={currency} onAdd={onAdd} onClose={() => setOpen(false)} />
    ) : (
        <Button size="small" onClick={() => setOpen(true)}>
            Add a layer of another tier…
        </Button>
    );
}

const keyOf = (use: Schemas['FurtherUse']) => `${use.tier} ${use.use}`;

function ChooseLayer({ unit, figure, area, currency, onAdd, onClose }: Props & { onClose: () => void }) {
    const { data } = useQuery(furtherUsesOptions(unit, figure, area));
    const [chosen, setChosen] = useState<string | null>(null);
    const uses = data?.uses ?? [];
    const use = uses.find((one) => keyOf(one) === chosen);
    if (data !== undefined && uses.length === 0) {
        return (
            <p role="status">
                No other tier asks anything of this surface that is not asked here.{' '}
                <button type="button" className="link-button" onClick={onClose}>
                    Back
                </button>
            </p>
        );
    }
    return (
        <div className="add-layer">
            <Field label="Layer of another tier">
                {(id) => (
                    <Select
                        id={id}
                        aria-label="Layer of another tier"
                        loading={data === undefined}
                        value={chosen}
                        options={byTier(uses)}
                        onChange={(key: string) => setChosen(key)}
                    />
                )}
            </Field>
            {use !== undefined && (
                <p className="add-layer-judged">
                    {use.judged_by.length === 0
                        ? 'Nothing is asked in the check for it alone.'
                        : `Judged by: ${use.judged_by.join(' ')}`}
                </p>
            )}
            {use === undefined ? (
                <Button size="small" onClick={onClose}>
                    Back
                </Button>
            ) : (
                <AgreeForm
                    key={chosen}
                    alone
                    about={`add ${use.name}`}
                    deed="Add it"
                    price={`Price of a figure, ${currency}`}
                    lacking="Say why it is added; the reason stays on record."
                    onAgree={(reason, agreedWith, price) => onAdd(use, reason, agreedWith, price)}
                    onClose={onClose}
                />
            )}
        </div>
    );
}

function byTier(uses: readonly Schemas['FurtherUse'][]) {
    const tiers = [...new Set(uses.map((use) => use.tier))];
    return tiers.map((tier) => ({
        label: uses.find((use) => use.tier === tier)?.tier_name ?? tier,
        options: uses
            .filter((use) => use.tier === tier)
            .map((use) => ({
                value: keyOf(use),
                label: `${use.name}${use.degree === '' ? '' : `, ${use.degree}`} · ${fewMinutes(use.minutes)} min`,
            })),
    }));
}
