import { useSession } from '@features/session';
import { DateField, today } from '@shared/days';
import { Field, NumberField, TextField } from '@shared/Field';
import { minutes } from '@shared/format';
import { Button } from 'antd';
import type { Preview } from '../queries';
import type { TypedTerms } from '../useTerms';

interface Props {
    typed: TypedTerms;
    problems: Readonly<Record<string, string>>;
    /** Lines of which no tier says what they cost. */
    byHand: Preview['by_hand'];
    onChange: (part: Partial<TypedTerms>) => void;
}

/** What the lead says of a quote beside what follows from the job. */
export function TermsForm({ typed, problems, byHand, onChange }: Props) {
    const { studio } = useSession();
    return (
        <section className="quote-terms" aria-label="Terms">
            {byHand.length > 0 && <h2>Prices by hand</h2>}
            {byHand.map((line) => (
                <NumberField
                    key={line.key}
                    label={`One of ${line.unit} at ${line.tier}, ${studio.currency}`}
                    value={typed.byHand[line.key]}
                    hint={`${line.figures} × ${line.size}, ${minutes(line.minutes)} each`}
                    onChange={(value) => {
                        const others = Object.entries(typed.byHand).filter(([key]) => key !== line.key);
                        onChange({ byHand: Object.fromEntries(value === undefined ? others : [...others, [line.key, value]]) });
                    }}
                />
            ))}
            <h2>Terms</h2>
            <Field label="Can be agreed to until" error={problems['valid_until']}>
                {(id) => (
                    <DateField
                        id={id}
                        value={typed.validUntil}
                        min={today()}
                        onChange={(validUntil) => onChange({ validUntil })}
                    />
                )}
            </Field>
            <NumberField
                label="Discount on the work, %"
                value={typed.discount}
                error={problems['discount']}
                onChange={(discount) => onChange({ discount })}
            />
            <div className="quote-two">
                <NumberField label="Tax, %" value={typed.tax} error={problems['tax']} onChange={(tax) => onChange({ tax })} />
                <TextField
                    label="What the tax is called"
                    value={typed.taxName}
                    error={problems['tax_name']}
                    onChange={(taxName) => onChange({ taxName })}
                />
            </div>
            <NumberField
                label={`Rounded to whole, ${studio.currency}`}
                value={typed.roundTo}
                error={problems['round_to']}
                hint="1, 5, 10 …; left out: not rounded"
                onChange={(roundTo) => onChange({ roundTo })}
            />
            <Materials typed={typed} onChange={onChange} />
            <TextField
                label="Terms in words"
                rows={4}
                value={typed.text}
                error={problems['text']}
                hint="How it is paid, what is sent, what a change costs"
                onChange={(text) => onChange({ text })}
            />
        </section>
    );
}

function Materials({ typed, onChange }: Pick<Props, 'typed' | 'onChange'>) {
    const { studio } = useSession();
    const set = (at: number, part: Partial<TypedTerms['materials'][number]>) =>
        onChange({ materials: typed.materials.map((one, i) => (i === at ? { ...one, ...part } : one)) });
    return (
        <fieldset className="quote-materials">
            <legend>Materials and postage</legend>
            {typed.materials.map((one, i) => (
                <div key={i} className="quote-two">
                    <TextField label={`What, line ${i + 1}`} value={one.words} onChange={(words) => set(i, { words })} />
                    <NumberField
                        label={`Costs, line ${i + 1}, ${studio.currency}`}
                        value={one.amount}
                        onChange={(amount) => set(i, { amount })}
                    />
                </div>
            ))}
            <Button size="small" onClick={() => onChange({ materials: [...typed.materials, { words: '', amount: undefined }] })}>
                Another line
            </Button>
        </fieldset>
    );
}
