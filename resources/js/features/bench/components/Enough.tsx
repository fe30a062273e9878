import type { Schemas } from '@api';
import { count, fewMinutes, minutes } from '@shared/format';
import { useKept } from '@shared/kept';
import { Severity } from '@shared/Severity';
import { Button } from 'antd';

/** Said once, when the minutes allowed are used: what is left, by what it adds. */
export function Enough({ sheet }: { sheet: Schemas['BenchSheet'] }) {
    const [heard, setHeard] = useKept(`enough ${sheet.key}`);
    if (sheet.enough.length === 0) {
        return null;
    }
    const left = sheet.enough.reduce((sum, line) => sum + line.minutes, 0);
    return heard !== '' ? (
        <p>
            The minutes allowed are used.{' '}
            <button type="button" className="link-button" onClick={() => setHeard('')}>
                What is left
            </button>
        </p>
    ) : (
        <div className="enough" role="note">
            <p>
                <b>The {minutes(sheet.worked.allowed)} allowed for this sheet are used.</b> {minutes(left)} are left; by what they
                add, the most first:
            </p>
            <ol>
                {sheet.enough.map((line) => (
                    <li key={`${line.number} ${line.title}`}>
                        {line.severity === null ? 'not judged' : <Severity of={line.severity} />} · {line.number} {line.title}
                        {line.focal && ', where the eye goes'} · {fewMinutes(line.minutes)} min on {count(line.figures, 'figure')}
                    </li>
                ))}
            </ol>
            <Button onClick={() => setHeard('heard')}>Understood</Button>
        </div>
    );
}
