import type { Schemas } from '@api';
import { count } from '@shared/format';
import { numbersOf } from '../placed';
import { isSeverity, Severity } from '@shared/Severity';

type Round = Schemas['RecordRound'];

/** What was wrong, in words. */
function wrong(fault: Schemas['RecordFault']): string {
    const what =
        fault.flaw?.replaceAll('-', ' ') ??
        (fault.kind === 'missing' ? 'not done' : fault.kind === 'sent-back' ? `sent back: ${fault.note}` : 'does not hold');
    return fault.text === '' ? what : `${what}: ${fault.text}`;
}

/** A severity as it was sealed. */
function Sealed({ severity, bare = false }: { severity: string; bare?: boolean }) {
    return <>{isSeverity(severity) ? <Severity of={severity} bare={bare} /> : severity} </>;
}

const ENDED: Record<string, string> = { signed: 'signed off', refused: 'sent back', dropped: 'ended because the work changed' };

const ANSWERS: Record<string, string> = {
    holds: 'holds',
    'does-not-hold': 'does not hold',
    'not-done': 'not done',
    'not-on-figure': 'not on this figure',
    unreachable: 'cannot be reached',
};

/** Every check of the figure: its faults, how they ended, and every answer that stood. */
export function Rounds({ record }: { record: Schemas['Record'] }) {
    return (
        <section>
            <h3>How it was checked</h3>
            {record.rounds.map((round) => (
                <OneRound key={round.round} round={round} numbers={numbersOf(record)} />
            ))}
        </section>
    );
}

/** The latest answer to each item, undone ones left out. */
function standing(round: Round) {
    const latest = new Map(
        round.answers
            .filter((answer) => !answer.undone)
            .map((answer) => [`${answer.item}\n${answer.area}\n${answer.criterion}`, answer]),
    );
    return [...latest.values()];
}

function OneRound({ round, numbers }: { round: Round; numbers: ReadonlyMap<Schemas['RecordFault'], number> }) {
    const answers = standing(round);
    const faults = round.faults.filter((fault) => fault.stands);
    const undone = round.answers.filter((answer) => answer.undone).length;
    return (
        <div className="round">
            <h4>
                Check {round.round}, {ENDED[round.ended] ?? round.ended}
                {round.sent_back !== null && ` by ${round.sent_back.by}, whatever the numbers say`}:{' '}
                {count(answers.length, 'item')} answered{undone > 0 && `, ${count(undone, 'answer')} undone`}
                {round.minutes !== null && `, in ${round.minutes} min`}
            </h4>
            {faults.length > 0 && (
                <ul className="round-faults">
                    {faults.map((fault, i) => (
                        <li key={i}>
                            {numbers.has(fault) && <b className="fault-number">{numbers.get(fault)}</b>}
                            {fault.severity !== null && fault.severity !== 'none' && <Sealed severity={fault.severity} />}
                            {wrong(fault)}
                            {fault.area !== '' && `, ${fault.area}`}
                            {fault.size_mm !== null && `, ${fault.size_mm} mm`}
                            {fault.side !== null && `, ${fault.side}`}
                            {fault.mended !== null &&
                                `. Mended by ${fault.mended.by}${fault.mended.note === '' ? '' : `: ${fault.mended.note}`}`}
                            {fault.waived !== null &&
                                `. Waived by ${fault.waived.by}, agreed with ${fault.waived.agreed_with ?? ''}: ${fault.waived.reason ?? ''}`}
                        </li>
                    ))}
                </ul>
            )}
            <table className="list round-answers">
                <caption className="unseen">Answers of check {round.round}</caption>
                <thead>
                    <tr>
                        <th scope="col">Area</th>
                        <th scope="col">Criterion</th>
                        <th scope="col">Answer</th>
                        <th scope="col">By</th>
                    </tr>
                </thead>
                <tbody>
                    {answers.map((answer) => (
                        <tr key={`${answer.item} ${answer.area} ${answer.criterion}`}>
                            <td>{answer.area}</td>
                            <td>
                                {answer.severity !== '' && <Sealed severity={answer.severity} bare />}
                                {answer.text || 'what was asked then was not kept'}
                            </td>
                            <td>
                                {ANSWERS[answer.answer] ?? answer.answer}
                                {answer.in === 'pass' && `, ${answer.side ?? ''} passed`}
                                {answer.in === 'stands' && ', stands'}
                                {answer.reason !== '' && `: ${answer.reason}`}
                            </td>
                            <td>{answer.by}</td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </div>
    );
}
