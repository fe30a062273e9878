import type { Schemas } from '@api';
import { count } from '@shared/format';
import { Button, Select } from 'antd';
import type { Word } from '../queries';

interface Props {
    roster: Schemas['Roster'];
    /** What a word of the list means. */
    onMean: (word: Word) => void;
}

export function RosterPreview({ roster, onMean }: Props) {
    return (
        <>
            {roster.problems.length > 0 && (
                <div className="error-note" role="alert">
                    <p>
                        <span aria-hidden="true">◆ </span>
                        {count(roster.problems.length, 'thing is', 'things are')} not right. A roster is taken whole or not at
                        all.
                    </p>
                    <table className="list">
                        <thead>
                            <tr>
                                <th scope="col">Line</th>
                                <th scope="col">Column</th>
                                <th scope="col">What is wrong</th>
                            </tr>
                        </thead>
                        <tbody>
                            {roster.problems.map((problem) => (
                                <tr key={`${problem.line} ${problem.column} ${problem.code}`}>
                                    <td className="number">{problem.line}</td>
                                    <td>{problem.column.replaceAll('_', ' ')}</td>
                                    <td>
                                        {problem.message}
                                        {problem.offers.length > 0 && <Meant problem={problem} onMean={onMean} />}
                                    </td>
                                </tr>
                            ))}
                        </tbody>
                    </table>
                </div>
            )}
            {roster.lines.length > 0 && (
                <table className="list">
                    <caption>
                        {count(roster.figures, 'figure')} in {count(roster.units, 'unit')}, as they would be taken
                    </caption>
                    <thead>
                        <tr>
                            <th scope="col">Unit</th>
                            <th scope="col">Figure type</th>
                            <th scope="col" className="number">
                                Figures
                            </th>
                            <th scope="col">Tier</th>
                            <th scope="col">Leaders</th>
                            <th scope="col">Note</th>
                        </tr>
                    </thead>
                    <tbody>
                        {roster.lines.map((line) => (
                            <tr key={line.line}>
                                <td>{line.unit}</td>
                                <td>{line.figure_type}</td>
                                <td className="number">{line.count}</td>
                                <td>{line.tier}</td>
                                <td>
                                    {line.leader_count === 0 ? '' : `${line.leader_count} at ${line.leader_tier ?? line.tier}`}
                                </td>
                                <td>{line.note}</td>
                            </tr>
                        ))}
                    </tbody>
                </table>
            )}
        </>
    );
}

/** The question at the line: those that are like it in one press, any other from the list. */
function Meant({ problem, onMean }: { problem: Schemas['RosterProblem']; onMean: Props['onMean'] }) {
    const mean = (key: string) =>
        onMean({ kind: problem.column === 'figure_type' ? 'figure_type' : 'tier', word: problem.word, key });
    return (
        <div className="roster-meant">
            {problem.offers
                .filter((one) => one.like)
                .slice(0, 3)
                .map((one) => (
                    <Button
                        key={one.key}
                        size="small"
                        aria-label={`Line ${problem.line}: ${one.name} is meant`}
                        onClick={() => mean(one.key)}
                    >
                        {one.name}
                    </Button>
                ))}
            <Select
                size="small"
                className="tool-select"
                aria-label={`What ${problem.word} means, line ${problem.line}`}
                placeholder="It means …"
                value={null}
                options={problem.offers.map((one) => ({ value: one.key, label: one.name }))}
                onChange={mean}
            />
        </div>
    );
}
