import { Button } from 'antd';

interface Props {
    /** How it differs from what the ladder lies over. */
    words: string;
    /** The way back, and of what it is one; none: there is nothing to go back to. */
    deed?: { say: string; of: string; onTake: () => void };
}

/** A step or use that is not as in what the ladder lies over. */
export function Differs({ words, deed }: Props) {
    return (
        <p className="rung-differs">
            <small>{words}</small>
            {deed !== undefined && (
                <Button size="small" aria-label={`${deed.say}${deed.of}`} onClick={deed.onTake}>
                    {deed.say}
                </Button>
            )}
        </p>
    );
}
