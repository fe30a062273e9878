import type { Schemas } from '@api';
import { count } from '@shared/format';
import { Button, Select } from 'antd';

interface Props {
    asked: Schemas['Grid']['questions']['unsure'][number];
    surfaces: Schemas['Job']['surfaces'];
    mayAnswer: boolean;
    disabled: boolean;
    onAnswer: (surface: string) => void;
}

/** An area of which nobody was sure when its type was taken down. */
export function WhatIsIt({ asked, surfaces, mayAnswer, disabled, onAnswer }: Props) {
    const guess = surfaces.find(({ key }) => key === asked.surface)?.name ?? asked.surface;
    const others = surfaces.filter(({ key }) => key !== asked.surface && key !== 'whole');
    const what = `What is “${asked.area}” of ${asked.type}?`;
    return (
        <li>
            <span>
                {what} ({count(asked.figures, 'figure')}) Until somebody says, it is reckoned as {guess}.
            </span>
            {mayAnswer && (
                <span className="question-answers">
                    <Button size="small" disabled={disabled} onClick={() => onAnswer(asked.surface)}>
                        It is {guess}
                    </Button>
                    <Select
                        aria-label={`${what} Something else`}
                        size="small"
                        showSearch={{ optionFilterProp: 'label' }}
                        placeholder="Something else"
                        value={null}
                        disabled={disabled}
                        options={others.map(({ key, name }) => ({ value: key, label: name }))}
                        onChange={(surface: string | null) => surface !== null && onAnswer(surface)}
                        popupMatchSelectWidth={false}
                    />
                </span>
            )}
        </li>
    );
}
