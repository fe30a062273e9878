import type { Schemas } from '@api';
import { Severity } from '@shared/Severity';
import { keyOf } from '../walk';

/** No mark of a severity among them: how much it weighs stands with the fault. */
const ANSWERS: Record<string, { mark: string; words: string }> = {
    holds: { mark: '✓', words: 'holds' },
    'does-not-hold': { mark: '×', words: 'does not hold' },
    'not-done': { mark: '×', words: 'not done' },
    'not-on-figure': { mark: '–', words: 'not on this figure' },
    unreachable: { mark: '–', words: 'cannot be reached' },
};

interface Props {
    items: readonly Schemas['CheckItem'][];
    area: string | null;
    inHand: Schemas['CheckItem'] | null;
    onChoose: (item: Schemas['CheckItem']) => void;
}

/** Everything that is asked at this side; any of it can be opened and answered. */
export function ItemList({ items, area, inHand, onChoose }: Props) {
    return (
        <ol className="items" aria-label="Asked at this side">
            {items.map((item) => {
                const answer = item.answer === null ? null : (ANSWERS[item.answer] ?? null);
                const chosen = inHand !== null && keyOf(item) === keyOf(inHand);
                return (
                    <li
                        key={keyOf(item)}
                        className={`${chosen ? 'item-in-hand' : ''} ${item.area === area ? 'item-pointed' : ''}`}
                    >
                        <button type="button" onClick={() => onChoose(item)} aria-current={chosen}>
                            <span className="item-answer" aria-label={answer === null ? 'open' : answer.words}>
                                {answer?.mark ?? ''}
                            </span>
                            <span className={item.focal ? 'item-focal' : ''}>{item.text}</span>
                            <span className="item-place">
                                {item.stands && <small>stands </small>}
                                {item.reason !== '' && <small>{item.reason} </small>}
                                {item.area} <Severity of={item.severity} bare />
                            </span>
                        </button>
                    </li>
                );
            })}
        </ol>
    );
}
