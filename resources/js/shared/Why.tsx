import type { Schemas } from '@api';
import { Popover } from 'antd';
import type { ReactNode } from 'react';

type WhyData = Schemas['Why'];

/** The inputs, the rule and the source of a computed figure. */
export function WhyText({ why }: { why: WhyData }) {
    return (
        <div className="why-text">
            {why.inputs.length > 0 && (
                <dl>
                    {why.inputs.map((input) => (
                        <div key={input.name}>
                            <dt>{input.name}</dt>
                            <dd>{input.value}</dd>
                        </div>
                    ))}
                </dl>
            )}
            <p>{why.rule}</p>
            <p className="why-source">{why.source}</p>
        </div>
    );
}

interface Props {
    why: WhyData;
    /** What is asked about, for who cannot see where the button stands. */
    about: string;
    children?: ReactNode;
}

/** Opens why a figure is what it is. */
export function Why({ why, about, children }: Props) {
    return (
        <Popover trigger="click" content={<WhyText why={why} />} arrow={false} placement="bottomLeft">
            <button type="button" className="why">
                {children ?? 'Why'}
                <span className="unseen">
                    {children === undefined ? ': ' : ', why: '}
                    {about}
                </span>
            </button>
        </Popover>
    );
}
