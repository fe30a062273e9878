import type { Budget } from '../queries';
import { percent } from '../costs';

interface Props {
    budget: Budget;
    say: (cost: number) => string;
    onBudget: (cost: number) => void;
}

const WIDTH = 720;
const HEIGHT = 220;
const LEFT = 8;
const BOTTOM = 26;

/** Budget against what is seen for it: where another hour still shows, and where it no longer does. */
export function Curve({ budget, say, onBudget }: Props) {
    const { curve, now, chosen } = budget;
    const [first, last] = [curve[0], curve.at(-1)];
    if (first === undefined || last === undefined || last.cost === first.cost) {
        return null;
    }
    const from = Math.min(first.cost, now.cost);
    const to = Math.max(last.cost, now.cost);
    const x = (cost: number) => LEFT + ((Math.min(to, Math.max(from, cost)) - from) / (to - from)) * (WIDTH - 2 * LEFT);
    const y = (seen: number) => 10 + (1 - seen) * (HEIGHT - BOTTOM - 10);
    const words = `From ${say(first.cost)}, of which ${percent(first.seen)} of all is seen, to ${say(last.cost)}.`;
    return (
        <figure className="budget-curve">
            <svg
                viewBox={`0 0 ${String(WIDTH)} ${String(HEIGHT)}`}
                role="img"
                aria-label={words}
                onClick={(event) => {
                    const box = event.currentTarget.getBoundingClientRect();
                    const at = ((event.clientX - box.left) / box.width) * WIDTH;
                    onBudget(Math.round(from + ((at - LEFT) / (WIDTH - 2 * LEFT)) * (to - from)));
                }}
            >
                <line className="curve-ground" x1={LEFT} x2={WIDTH - LEFT} y1={HEIGHT - BOTTOM} y2={HEIGHT - BOTTOM} />
                <line className="curve-budget" x1={x(budget.budget)} x2={x(budget.budget)} y1="0" y2={HEIGHT - BOTTOM} />
                <polyline
                    className="curve-line"
                    points={curve.map((point) => `${String(x(point.cost))},${String(y(point.seen))}`).join(' ')}
                />
                {curve.map((point) => (
                    <circle key={point.cost} className="curve-point" cx={x(point.cost)} cy={y(point.seen)} r="2.5" />
                ))}
                <rect className="curve-now" x={x(now.cost) - 5} y={y(now.seen) - 5} width="10" height="10">
                    <title>as assigned now</title>
                </rect>
                {chosen !== null && (
                    <circle className="curve-chosen" cx={x(chosen.cost)} cy={y(chosen.seen)} r="6">
                        <title>as chosen here</title>
                    </circle>
                )}
                <text x={LEFT} y={HEIGHT - 8}>
                    {say(from)}
                </text>
                <text x={WIDTH - LEFT} y={HEIGHT - 8} textAnchor="end">
                    {say(to)}
                </text>
            </svg>
            <figcaption>
                The line: what is seen of all figures for each budget. The open square: as they are assigned now. The dot: as
                chosen here. Press the line to try another budget.
            </figcaption>
        </figure>
    );
}
