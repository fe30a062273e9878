import type { Schemas } from '@api';
import { count, minutes } from '@shared/format';
import { Why } from '@shared/Why';

type Field = Schemas['BenchSheet']['spray']['fields'][number];

/** Which lay-ins are quicker sprayed for this batch, and what has to be masked for it. */
export function SheetSpray({ sheet }: { sheet: Schemas['BenchSheet'] }) {
    const { fields, why, caution } = sheet.spray;
    const quicker = fields.filter((field) => field.pays);
    if (fields.length === 0) {
        return null;
    }
    return (
        <details className="sheet-facts sheet-spray">
            <summary>
                {quicker.length > 0
                    ? `Quicker by spray: ${quicker.map((field) => field.areas.join(', ')).join(' · ')}`
                    : 'Nothing here is quicker by spray'}
            </summary>
            <ul>
                {fields.map((field) => (
                    <li key={field.areas.join('\n')}>
                        <b>{field.areas.join(', ')}</b>
                        {field.paint !== '' && `, ${field.paint}`}: {minutes(field.by_spray)} by spray, {minutes(field.by_brush)}{' '}
                        by brush{field.first && ', laid before any other colour'}. {judged(field)}
                        {field.masked.length > 0 && ` On each figure mask ${field.masked.join(', ')}.`}
                    </li>
                ))}
            </ul>
            <p>
                {caution} <Why why={why} about="what is quicker by spray" />
            </p>
        </details>
    );
}

function judged(field: Field): string {
    if (field.from === null) {
        return 'The brush is always quicker here.';
    }
    return field.pays
        ? `It pays from ${count(field.from, 'figure')} on.`
        : `With ${count(field.figures, 'figure')} the brush is quicker; spray pays from ${String(field.from)} on.`;
}
