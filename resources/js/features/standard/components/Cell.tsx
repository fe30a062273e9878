import type { Schemas } from '@api';
import { ExtentMark } from '@shared/ExtentMark';
import { fewMinutes } from '@shared/format';
import { Severity, type SeverityName } from '@shared/Severity';
import { Popover } from 'antd';
import { FindingNote } from './FindingNote';

interface Props {
    cell: Schemas['SheetCell'];
    tier: Schemas['SheetTier'];
    surface: string;
    onlyAdded: boolean;
    findings: readonly Schemas['SheetFinding'][];
}

export function Cell({ cell, tier, surface, onlyAdded, findings }: Props) {
    const uses = onlyAdded ? cell.uses.filter((use) => use.rise !== 'same') : cell.uses;
    return (
        <td className={`cell cell-${cell.state}`}>
            {cell.state === 'undecided' && (
                <p className="cell-question">
                    <b aria-hidden="true">?</b> undecided
                </p>
            )}
            {cell.state === 'not-asked' && <p className="cell-none">not asked for</p>}
            {cell.state === 'asked' && uses.length === 0 && <p className="cell-none">as {tier.compared_with}</p>}
            {uses.length > 0 && (
                <ol className="stack" aria-label={`${tier.name}, ${surface}, from the top layer down`}>
                    {uses.toReversed().map((use) => (
                        <Use key={use.id} use={use} comparing={onlyAdded} />
                    ))}
                </ol>
            )}
            {cell.criteria.length > 0 && <Criteria criteria={cell.criteria} about={`${tier.name}, ${surface}`} />}
            {findings.map((finding) => (
                <FindingNote key={finding.code + (finding.use ?? '')} finding={finding} />
            ))}
        </td>
    );
}

function Use({ use, comparing }: { use: Schemas['SheetUse']; comparing: boolean }) {
    return (
        <li className={`use use-${use.group} rise-${use.rise}`}>
            <ExtentMark extent={use.extent} />
            <span className="use-words">
                <b>{use.choices.length > 0 ? use.choices.join(' or ') : use.name}</b>
                {use.degree !== '' && <> {use.degree}</>}
                {comparing && use.was !== '' && <small> was: {use.was}</small>}
            </span>
            <span className="use-minutes">
                {use.each !== null
                    ? `${fewMinutes(use.each)} a ${use.feature ?? 'piece'}`
                    : use.minutes === null
                      ? ''
                      : fewMinutes(use.minutes)}
            </span>
        </li>
    );
}

function Criteria({ criteria, about }: { criteria: readonly Schemas['SheetCriterion'][]; about: string }) {
    const list = (
        <ul className="criteria">
            {criteria.map((criterion) => (
                <li key={criterion.id}>
                    <Severity of={criterion.severity as SeverityName} /> {criterion.text}
                    {criterion.feature !== null && <small> each {criterion.feature}</small>}
                </li>
            ))}
        </ul>
    );
    return (
        <Popover trigger="click" content={list} arrow={false} placement="bottomLeft" title={`Judged by: ${about}`}>
            <button type="button" className="judged-by">
                judged by {criteria.length}
            </button>
        </Popover>
    );
}
