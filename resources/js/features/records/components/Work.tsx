import type { Schemas } from '@api';

type Record = Schemas['Record'];

/** Who looked on, where somebody did what they were not cleared for; records from before do not say. */
const lookedOn = (use: Record['painted'][number]) => (use.looked_on ? `, ${use.looked_on} looked on` : '');

/** What was marked as done, area by area, and by whom. */
export function Painted({ record }: { record: Record }) {
    const areas = [...new Set(record.painted.map((use) => use.area))];
    const people = new Set(record.painted.map((use) => use.by));
    if (areas.length === 0) {
        return null;
    }
    const by = (name: string) => (people.size > 1 && name !== '' ? `, ${name}` : '');
    return (
        <section>
            <h3>{record.raises === null ? 'What was painted' : 'What was added'}</h3>
            <dl className="certificate-work">
                {areas.map((area) => (
                    <div key={area}>
                        <dt>{area}</dt>
                        <dd>
                            {record.painted
                                .filter((use) => use.area === area)
                                .map(
                                    (use) =>
                                        `${use.technique}${use.degree === '' ? '' : ` (${use.degree})`}${by(use.by)}${lookedOn(use)}`,
                                )
                                .join(' · ')}
                        </dd>
                    </div>
                ))}
            </dl>
        </section>
    );
}

const agreed = (one: { agreed_with: string; by: string }) =>
    one.agreed_with === ''
        ? one.by === ''
            ? ''
            : ` (${one.by})`
        : ` Agreed with ${one.agreed_with}${one.by === '' ? '' : `; ${one.by}`}.`;

/** What was not painted, and what was agreed otherwise than the tier has it: in words, with who says so. */
export function NotDone({ record }: { record: Record }) {
    const lines = [
        ...record.excused.map(
            (one) => `${one.area}: ${one.work === '' ? '' : `${one.work}, `}${one.words}. ${one.reason}${agreed(one)}`,
        ),
        ...record.left_out.map(
            (one) =>
                `${one.area}: ${one.work === '' ? 'a step' : one.work} left out${one.whole_unit ? ', for the unit' : ''}. ${one.reason}${agreed(one)}`,
        ),
        ...record.added.map(
            (one) =>
                `${one.area}: ${one.work} added, of ${one.from}${one.whole_unit ? ', for the unit' : ''}. ${one.reason}${agreed(one)}`,
        ),
        ...record.not_addable.map((one) => `${one.area}: ${one.why}`),
        ...record.not_asked.map(
            (one) => `${one.area}: not asked for${one.whole_unit ? ', for the unit' : ''}. ${one.reason}${agreed(one)}`,
        ),
        ...record.chosen.map((one) => `${one.area}: ${one.technique}, chosen for this job.`),
        ...record.area_tiers.map((one) => `${one.area}: at the tier ${one.tier}.`),
        ...(record.unseen.length > 0 ? [`Seen from no counted side, so not judged: ${record.unseen.join(', ')}.`] : []),
    ];
    return lines.length === 0 ? null : (
        <section>
            <h3>Left out, agreed, or not judged</h3>
            <ul>
                {lines.map((line) => (
                    <li key={line}>{line}</li>
                ))}
            </ul>
        </section>
    );
}
