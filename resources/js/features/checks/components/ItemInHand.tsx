import type { Schemas } from '@api';
import { ProposeChange } from '@features/proposals';
import { Severity } from '@shared/Severity';
import { Button, Input } from 'antd';
import { useState } from 'react';
import type { AnswerName, SideName } from '../useCheck';

interface Props {
    check: Schemas['Check'];
    side: SideName;
    item: Schemas['CheckItem'] | null;
    /** How many are still asked one by one at this side. */
    left: number;
    passed: boolean;
    /** An answer that still wants its reason. */
    asking: AnswerName | null;
    pending: boolean;
    onAnswer: (answer: AnswerName, reason?: string) => void;
    onPass: () => void;
    onFlaw: () => void;
    onCancel: () => void;
}

/** One criterion in hand, or, when nothing is asked one by one any more, the side as a whole. */
export function ItemInHand({ check, side, item, left, passed, asking, pending, onAnswer, onPass, onFlaw, onCancel }: Props) {
    const passing = check.items.filter(
        (one) => one.answer === null && one.alone === null && one.sides[one.sides.length - 1] === side,
    ).length;
    return (
        <div className="in-hand">
            {item === null ? (
                <>
                    <p className="in-hand-place">{side}</p>
                    <h2>{passed ? 'This side is passed.' : 'Look for what is wrong. Is this side good?'}</h2>
                </>
            ) : (
                <>
                    <p className="in-hand-place">
                        {item.area}
                        {item.surface !== item.area && ` · ${item.surface}`} · <Severity of={item.severity} />
                        {item.alone !== null && ` · asked by itself: ${item.alone}`}
                        {left > 0 && ` · ${left} such at this side`}
                    </p>
                    <h2>{item.text}</h2>
                    {item.places.length > 0 && <p className="in-hand-where">at {item.places.join(', ')}</p>}
                    {asking === null ? (
                        <Answers item={item} pending={pending} onAnswer={onAnswer} />
                    ) : (
                        <Reason key={asking} answer={asking} onAnswer={onAnswer} onCancel={onCancel} />
                    )}
                </>
            )}
            <div className="in-hand-side">
                <Button
                    className="big"
                    type={item === null && !passed ? 'primary' : 'default'}
                    disabled={passed || pending}
                    onClick={onPass}
                    aria-keyshortcuts="P"
                >
                    {passed ? `${side} is passed` : `Pass ${side}`} <kbd>P</kbd>
                    {!passed && passing > 0 && <small>answers {passing}</small>}
                </Button>
                <Button className="big" onClick={onFlaw} aria-keyshortcuts="L">
                    A flaw <kbd>L</kbd>
                </Button>
            </div>
            {item !== null && item.excused === null && (
                <ProposeChange job={check.job.id} tier={item.tier} surface={item.surface} use={null} about={item.text} />
            )}
        </div>
    );
}

const ANSWERS: readonly (readonly [AnswerName, string, string | null])[] = [
    ['holds', 'Holds', 'A'],
    ['does-not-hold', 'Does not hold', 'F'],
    ['not-done', 'Not done', 'M'],
    ['not-on-figure', 'Not on this figure', 'N'],
    ['unreachable', 'Cannot be reached', null],
];

/** Of what was handed over undone: whether the excuse is right. */
function excusedWords(answer: AnswerName): string {
    return answer === 'not-done' ? 'Not done, and should be' : answer === 'holds' ? 'Agreed so' : 'So it is';
}

interface AnswerButtonProps {
    words: string;
    letter: string | null;
    given: boolean;
    primary: boolean;
    pending: boolean;
    onPress: () => void;
}

function AnswerButton({ words, letter, given, primary, pending, onPress }: AnswerButtonProps) {
    return (
        <Button
            className={given ? 'big answered' : 'big'}
            type={primary ? 'primary' : 'default'}
            disabled={pending}
            aria-pressed={given}
            onClick={onPress}
            {...(letter === null ? {} : { 'aria-keyshortcuts': letter })}
        >
            {words} {letter !== null && <kbd>{letter}</kbd>}
        </Button>
    );
}

interface AnswersProps {
    item: Schemas['CheckItem'];
    pending: boolean;
    onAnswer: (answer: AnswerName) => void;
}

function Answers({ item, pending, onAnswer }: AnswersProps) {
    return (
        <div className="answers" role="group" aria-label="Answer">
            {ANSWERS.filter(([answer]) => item.answers.includes(answer)).map(([answer, words, key]) => (
                <AnswerButton
                    key={answer}
                    words={item.excused === null ? words : excusedWords(answer)}
                    letter={item.excused === null ? key : answer === 'not-done' ? 'M' : 'A'}
                    given={item.answer === answer}
                    primary={answer === item.answers[0] && item.answer === null}
                    pending={pending}
                    onPress={() => onAnswer(answer)}
                />
            ))}
        </div>
    );
}

interface ReasonProps {
    answer: AnswerName;
    onAnswer: (answer: AnswerName, reason: string) => void;
    onCancel: () => void;
}

function Reason({ answer, onAnswer, onCancel }: ReasonProps) {
    const [reason, setReason] = useState('');
    const words = answer === 'not-on-figure' ? 'Why is it not on this figure?' : 'Why can it not be reached on this sculpt?';
    return (
        <form
            className="reason"
            onSubmit={(event) => {
                event.preventDefault();
                if (reason.trim() !== '') {
                    onAnswer(answer, reason);
                }
            }}
        >
            <label>
                {words}
                <Input
                    autoFocus
                    size="large"
                    maxLength={500}
                    value={reason}
                    onChange={(event) => setReason(event.target.value)}
                />
            </label>
            <div>
                <Button type="primary" htmlType="submit" className="big" disabled={reason.trim() === ''}>
                    Say so
                </Button>
                <Button className="big" onClick={onCancel}>
                    Back
                </Button>
            </div>
        </form>
    );
}
