import type { Schemas } from '@api';
import { count, minutes } from '@shared/format';
import { clock, momentOf, placeOf, type Sheet, sheetOf, shortDay } from '../days';

type Stretch = Schemas['PlannedStretch'];

/** Pixels of a day. */
const DAY = 92;

/** Units down, days across: work, changes of paint and drying told apart by texture, other jobs of the same painters behind. */
export function Bars({ plan }: { plan: Schemas['JobPlan'] }) {
    const sheet = sheetOf(plan.sittings);
    const now = momentOf(sheet, plan.now);
    return (
        <>
            <div className="plan-scroll" tabIndex={0} role="region" aria-label="Bars by unit and day">
                <table className="plan-bars" style={{ width: 300 + sheet.days.length * DAY }}>
                    <caption className="unseen">What is painted when; the same in words is one press away</caption>
                    <thead>
                        <tr>
                            <th scope="col">unit, figures</th>
                            <th scope="col">
                                <ol className="plan-days">
                                    {sheet.days.map((day) => (
                                        <li key={day} style={{ width: DAY }}>
                                            {shortDay(day)}
                                        </li>
                                    ))}
                                </ol>
                            </th>
                        </tr>
                    </thead>
                    <tbody>
                        {plan.rows.map((row) => (
                            <tr key={`${row.unit} ${row.tier} ${row.painter_id}`}>
                                <th scope="row">
                                    <b>{row.unit}</b> {row.tier}
                                    <small>
                                        {count(row.figures, 'figure')}, {minutes(row.minutes)}, {row.painter ?? 'nobody'}
                                    </small>
                                </th>
                                <td>
                                    <Track sheet={sheet} now={now}>
                                        <Sittings
                                            sheet={sheet}
                                            sittings={plan.sittings.filter((sitting) => sitting.painter_id === row.painter_id)}
                                        />
                                        <Others
                                            sheet={sheet}
                                            others={plan.others.filter((other) => other.painter_id === row.painter_id)}
                                        />
                                        {row.stretches.map((stretch) => (
                                            <Bar key={stretch.from} sheet={sheet} stretch={stretch} />
                                        ))}
                                    </Track>
                                    <span className="unseen">
                                        {row.begins === null || row.ends === null
                                            ? 'no day'
                                            : `from ${shortDay(row.begins.slice(0, 10))} ${clock(row.begins)} to ${shortDay(row.ends.slice(0, 10))} ${clock(row.ends)}`}
                                    </span>
                                </td>
                            </tr>
                        ))}
                    </tbody>
                </table>
            </div>
            <ul className="legend plan-legend">
                <li>
                    <i className="plan-work" /> work
                </li>
                <li>
                    <i className="plan-changing" /> taking another paint
                </li>
                <li>
                    <i className="plan-waiting" /> waiting until it is dry
                </li>
                <li>
                    <i className="plan-other" /> other jobs
                </li>
                <li>
                    <i className="plan-sitting" /> at the bench
                </li>
            </ul>
        </>
    );
}

function Track({ sheet, now, children }: { sheet: Sheet; now: number | null; children: React.ReactNode }) {
    return (
        <div className="plan-track" style={{ width: sheet.days.length * DAY }} aria-hidden="true">
            {children}
            {now !== null && <i className="plan-now" style={{ left: now * DAY }} title="now" />}
        </div>
    );
}

function at(sheet: Sheet, span: { from: string; until: string }) {
    const place = placeOf(sheet, span);
    return { left: place.left * DAY, width: Math.max(place.width * DAY, 1) };
}

function Sittings({ sheet, sittings }: { sheet: Sheet; sittings: Schemas['JobPlan']['sittings'] }) {
    return sittings.map((sitting) => <i key={sitting.from} className="plan-sitting" style={at(sheet, sitting)} />);
}

function Others({ sheet, others }: { sheet: Sheet; others: readonly Schemas['OtherWork'][] }) {
    return others.flatMap((other) =>
        other.stretches
            .filter((stretch) => sheet.days.includes(stretch.from.slice(0, 10)))
            .map((stretch) => (
                <i
                    key={`${other.unit} ${stretch.from}`}
                    className="plan-other"
                    style={at(sheet, stretch)}
                    title={`${other.job}: ${other.unit}`}
                />
            )),
    );
}

function Bar({ sheet, stretch }: { sheet: Sheet; stretch: Stretch }) {
    const place = at(sheet, stretch);
    const length = (Date.parse(stretch.until) - Date.parse(stretch.from)) / 60_000;
    return (
        <i
            className={stretch.waiting ? 'plan-waiting' : 'plan-work'}
            style={place}
            title={`${clock(stretch.from)} to ${clock(stretch.until)}: ${stretch.steps}`}
        >
            {stretch.changing > 0 && (
                <i
                    className="plan-changing"
                    style={{ width: `${Math.min(100, (100 * stretch.changing) / Math.max(length, 0.01))}%` }}
                />
            )}
        </i>
    );
}
