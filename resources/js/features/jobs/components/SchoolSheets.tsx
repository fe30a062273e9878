import type { Schemas } from '@api';
import { count, minutes } from '@shared/format';

type Sheet = Schemas['EffectOnSheet'];

/** Sheet by sheet, the order of areas under each choice. */
export function SchoolSheets({ effects }: { effects: readonly Schemas['SchoolEffect'][] }) {
    const sheets = effects[0]?.sheets ?? [];
    return (
        <details className="school-sheets">
            <summary>Sheet by sheet</summary>
            {sheets.map((sheet, at) => (
                <section key={sheet.key}>
                    <h3>
                        {sheet.unit} <small>{`${sheet.type}, ${sheet.tier}, ${count(sheet.figures, 'figure')}`}</small>
                    </h3>
                    <dl>
                        {effects.map((effect) => {
                            const under = effect.sheets[at];
                            return (
                                under !== undefined && (
                                    <div key={effect.name}>
                                        <dt>{effect.name}</dt>
                                        <dd>
                                            <UnderIt sheet={under} />
                                        </dd>
                                    </div>
                                )
                            );
                        })}
                    </dl>
                </section>
            ))}
        </details>
    );
}

function UnderIt({ sheet }: { sheet: Sheet }) {
    return (
        <>
            {sheet.areas.join(' · ')}
            <small>
                {count(sheet.steps, 'step')}, {minutes(sheet.minutes)}
                {sheet.tidied.length > 0 && `; tidied back: ${sheet.tidied.join(', ')} (${minutes(sheet.tidy_minutes)})`}
                {sheet.not_held.length > 0 && `; not held here: ${sheet.not_held.join(', ')}`}
            </small>
        </>
    );
}
