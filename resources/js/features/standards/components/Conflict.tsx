import { Button } from 'antd';
import type { ReactNode } from 'react';

interface Props {
    by: string;
    theirs: ReactNode;
    mine: ReactNode;
    onTheirs: () => void;
    onMine: () => void;
}

/** Two people wrote in the same place: both are shown, and nothing is lost. */
export function Conflict({ by, theirs, mine, onTheirs, onMine }: Props) {
    return (
        <section className="conflict" role="alert" aria-label="Changed by somebody else">
            <p>
                <span aria-hidden="true">◆ </span>
                {by === '' ? 'Somebody else' : by} changed this while you wrote. Yours is not stored yet; theirs is.
            </p>
            <div className="conflict-sides">
                <div>
                    <h3>Theirs, stored</h3>
                    {theirs}
                    <Button onClick={onTheirs}>Take theirs</Button>
                </div>
                <div>
                    <h3>Yours</h3>
                    {mine}
                    <Button type="primary" onClick={onMine}>
                        Store mine over theirs
                    </Button>
                </div>
            </div>
            <p>
                <small>Whatever you choose, the other can be had back by undo.</small>
            </p>
        </section>
    );
}
