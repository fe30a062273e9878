import type { Schemas } from '@api';
import { Button } from 'antd';
import { useSettle } from '../useSettle';

type Wish = Schemas['JobSchools']['wishes'][number];

interface Props {
    schools: Schemas['JobSchools'];
    mayChoose: boolean;
}

/** Where the client has a say: what they said, and how it can be changed. It shows on the finished figure and changes no order. */
export function Wishes({ schools, mayChoose }: Props) {
    const settle = useSettle(schools.job);
    return (
        <section className="job-school" aria-label="Where the client has a say">
            <h2>Where the client has a say</h2>
            <p>It is seen on the finished figure. What is said here stands on the bench sheet, in the check and in the quote.</p>
            <ul className="wishes">
                {schools.wishes.map((wish) => (
                    <li key={wish.question}>
                        <span>
                            <b>{wish.name}</b>: {said(wish)}
                        </span>
                        {mayChoose && (
                            <span className="question-answers">
                                {wish.choices
                                    .filter(({ choice }) => choice !== wish.said)
                                    .map(({ choice, name }) => (
                                        <Button
                                            key={choice}
                                            size="small"
                                            disabled={settle.isPending}
                                            onClick={() => settle.wish(wish.question, choice)}
                                        >
                                            {name}
                                        </Button>
                                    ))}
                                {!wish.left && (
                                    <Button
                                        size="small"
                                        disabled={settle.isPending}
                                        onClick={() => settle.wish(wish.question, null)}
                                    >
                                        As the studio likes<span className="unseen">: {wish.name}</span>
                                    </Button>
                                )}
                            </span>
                        )}
                    </li>
                ))}
            </ul>
        </section>
    );
}

function said(wish: Wish): string {
    if (wish.said !== null) {
        return `the client wishes: ${wish.choices.find(({ choice }) => choice === wish.said)?.name ?? wish.said}`;
    }
    const standard = wish.standard === null ? 'the standard leaves it open' : `the standard says ${wish.standard}`;
    return wish.left ? `left to the studio; ${standard}` : `not asked; ${standard}`;
}
