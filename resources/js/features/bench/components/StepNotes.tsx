import type { Schemas } from '@api';
import { ProposeChange } from '@features/proposals';

interface Props {
    sheet: Schemas['BenchSheet'];
    places: readonly [Schemas['BenchStep'], ...Schemas['BenchStep'][]];
}

/** What a step is judged by, why it stands here, what to beware of. */
export function StepNotes({ sheet, places }: Props) {
    const [step] = places;
    const said = (sentence: string) => places.filter((place) => place.why.some((why) => why.sentence === sentence));
    const common = step.why.filter((why) => said(why.sentence).length === places.length);
    const judged = [...new Set(places.flatMap((place) => place.judged_by))];
    return (
        <div className="current-notes">
            {judged.length > 0 && (
                <div>
                    <h3>Judged by</h3>
                    <ul>
                        {judged.map((text) => (
                            <li key={text}>{text}</li>
                        ))}
                    </ul>
                </div>
            )}
            <div>
                <h3>Why here</h3>
                <ul>
                    {common.map((why) => (
                        <li key={why.sentence}>{why.sentence}</li>
                    ))}
                    {places.flatMap((place) =>
                        place.why
                            .filter((why) => !common.some((one) => one.sentence === why.sentence))
                            .map((why) => (
                                <li key={`${place.area} ${why.sentence}`}>
                                    <b>{place.area}</b> {why.sentence}
                                </li>
                            )),
                    )}
                </ul>
            </div>
            {places.some((place) => place.cleared === false) && (
                <p className="not-cleared">
                    <span aria-hidden="true">▲ </span>You are not cleared for {step.title} at this tier: have somebody look on.
                </p>
            )}
            {step.caution !== null && <p className="caution">{step.caution}</p>}
            {!step.tidy && (
                <ProposeChange
                    job={sheet.job.id}
                    tier={step.tier}
                    surface={step.surface}
                    use={step.use}
                    about={`${step.title}, ${step.surface}`}
                />
            )}
        </div>
    );
}
