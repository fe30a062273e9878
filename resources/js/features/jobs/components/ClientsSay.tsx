import type { Schemas } from '@api';
import { count } from '@shared/format';
import { Button } from 'antd';

interface Answering {
    mayAnswer: boolean;
    disabled: boolean;
}

type Said = NonNullable<Schemas['Job']['purpose']>;

export const PURPOSES: { value: Said; label: string }[] = [
    { value: 'played', label: 'Played with' },
    { value: 'displayed', label: 'Displayed' },
];

/** What the client does with the figures: how near they are looked at, and from which sides. */
export function Purpose({ mayAnswer, disabled, onAnswer }: Answering & { onAnswer: (purpose: Said) => void }) {
    return (
        <li>
            <span>Are the figures to be played with, or displayed?</span>
            {mayAnswer && (
                <span className="question-answers">
                    {PURPOSES.map(({ value, label }) => (
                        <Button key={value} size="small" disabled={disabled} onClick={() => onAnswer(value)}>
                            {label}
                        </Button>
                    ))}
                </span>
            )}
        </li>
    );
}

interface ChoiceProps extends Answering {
    asked: Schemas['Grid']['questions']['choices'][number];
    /** Null: left to the studio. */
    onAnswer: (choice: string | null) => void;
}

/** Something that is seen on the finished figure, and that neither the standard nor a scheme says. */
export function ClientsChoice({ asked, mayAnswer, disabled, onAnswer }: ChoiceProps) {
    return (
        <li>
            <span>
                {asked.name}: what does the client wish? ({count(asked.figures, 'figure')}:{' '}
                {asked.surfaces.join(', ').toLowerCase()})
            </span>
            {mayAnswer && (
                <span className="question-answers">
                    {asked.choices.map((one) => (
                        <Button key={one.choice} size="small" disabled={disabled} onClick={() => onAnswer(one.choice)}>
                            {one.for === '' ? one.name : `${one.name} (${one.for})`}
                        </Button>
                    ))}
                    <Button size="small" disabled={disabled} onClick={() => onAnswer(null)}>
                        As the studio likes<span className="unseen">: {asked.name}</span>
                    </Button>
                </span>
            )}
        </li>
    );
}
