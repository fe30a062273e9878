import type { Schemas } from '@api';
import { count } from '@shared/format';

export function RosterPreview({ roster }: { roster: Schemas['Roster'] }) {
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
                                    <td>{problem.column}</td>
                                    <td>{problem.message}</td>
                                </tr>
                            ))}
                        </tbody>
                    </table>
                </div>
            )}
            {roster.lines.length > 0 && (
                <table className="list">
                    <caption>
                        {count(roster.figures, 'figure')} in {count(roster.lines.length, 'unit')}, as they would be taken
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
