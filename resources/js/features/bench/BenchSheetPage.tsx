import type { Schemas } from '@api';
import { Choice } from '@shared/Choice';
import { Loaded } from '@shared/Loaded';
import { count, minutes } from '@shared/format';
import { PageHead } from '@shared/PageHead';
import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { Fragment, useRef, useState } from 'react';
import { Link, useLocation, useParams } from 'react-router';
import { BenchClock } from './components/BenchClock';
import { CameBack } from './components/CameBack';
import { Current } from './components/Current';
import { HandOver } from './components/HandOver';
import { OpenMishaps } from './components/OpenMishaps';
import { SheetSpray } from './components/SheetSpray';
import { SheetTimes } from './components/SheetTimes';
import { StepRow } from './components/StepRow';
import { JoinMark } from './components/JoinMark';
import { StopMark } from './components/StopMark';
import { ToFetch } from './components/ToFetch';
import { markable, openOnAny, waitingForLook } from './marking';
import { atHandOptions, sheetOptions } from './queries';
import type { StepInHand } from './useFurtherCoats';
import { keyOf, numbered, type Row, rowsOf } from './rows';

export function BenchSheetPage() {
    const { job = '', sheet: key = '' } = useParams();
    const sheet = useQuery(sheetOptions(Number(job), key));
    const visit = useLocation();
    return (
        <Loaded query={sheet}>
            {(data) => <Sheet key={visit.key} sheet={data} inHand={visit.state as StepInHand | null} />}
        </Loaded>
    );
}

/** Whether a place of a step is that of the step that the page begins with. */
function isPlace(inHand: StepInHand | null) {
    return (step: Schemas['BenchStep']) => step.area === inHand?.area && step.use === inHand.use;
}

/** Figures that are painted alike, and what that takes on each: "Muster, 9 figures, 32 min each". */
function alikeInWords(sheet: Schemas['BenchSheet'], alike: Schemas['BenchSheet']['alike'][number]): string {
    const figures = sheet.figures.filter((figure) => alike.figures.includes(figure.id));
    const who = figures.length > 1 && sheet.alike.length === 1 ? count(figures.length, 'figure') : numbered(figures);
    return `${alike.tier}, ${who}, ${minutes(alike.minutes)}${figures.length > 1 ? ' each' : ''}`;
}

/** Whether this person can do something of a step now: lay it, or, of a look, take it. */
function canGoOn({ places }: Row, mine: readonly Schemas['SheetFigure'][], all: readonly Schemas['SheetFigure'][]): boolean {
    const mayDo = places[0].look ? all.filter((figure) => figure.may_look) : mine;
    return openOnAny(places, mayDo).some((figure) => !waitingForLook(places, [figure]).includes(figure));
}

function Sheet({ sheet, inHand }: { sheet: Schemas['BenchSheet']; inHand: StepInHand | null }) {
    const mine = markable(sheet);
    const [chosen, setChosen] = useState<string | null | undefined>();
    const [isSure, setSure] = useState(false);
    const [lookedOn, setLookedOn] = useState<number | null>(null);
    const all = rowsOf(sheet);
    const [who, setWho] = useState('');
    const shown = sheet.alike.find((one) => one.figures.join() === who);
    const isShown = (figures: readonly number[]) => shown === undefined || figures.some((id) => shown.figures.includes(id));
    const rows = all.filter((row) => row.places.some((step) => isShown(step.figures)));
    const firstOpen =
        rows.find((row) => canGoOn(row, mine, sheet.figures)) ?? rows.find((row) => openOnAny(row.places, mine).length > 0);
    const begun = chosen === undefined ? rows.filter((row) => row.places.some(isPlace(inHand))) : [];
    const begunWith = begun.find((row) => canGoOn(row, mine, sheet.figures)) ?? begun[0];
    const current = rows.find((row) => keyOf(row) === chosen) ?? begunWith ?? firstOpen;
    // Read before it is in hand, so that the marks do not move from under the finger when the next step opens.
    const next = current === undefined ? undefined : rows[rows.indexOf(current) + 1];
    useQuery(atHandOptions(sheet.job.id, sheet.key, next === undefined ? -1 : sheet.steps.indexOf(next.places[0])));
    const top = useRef<HTMLDivElement>(null);
    const choose = (row: Row) => {
        setChosen(keyOf(row));
        top.current?.scrollIntoView({ block: 'start' });
    };
    return (
        <div className="bench-sheet" ref={top}>
            <PageHead
                title={sheet.unit.name}
                sub={`${sheet.alike.map((one) => alikeInWords(sheet, one)).join(' · ')} · ${sheet.type.name}`}
            >
                <Button onClick={() => window.print()}>Print</Button>
            </PageHead>
            <p className="sheet-facts">
                <Link to={`/jobs/${sheet.job.id}`}>{sheet.job.name}</Link> · standard {sheet.standard}
                {sheet.unit.note !== '' && ` · ${sheet.unit.note}`}
                {sheet.notes !== '' && ` · ${sheet.notes}`}
                {sheet.wishes.length > 0 && ` · As the client wishes: ${sheet.wishes.join('; ')}`}
            </p>
            <CameBack sheet={sheet} />
            {sheet.steps.length > 0 && <SheetTimes sheet={sheet} />}
            <SheetSpray sheet={sheet} />
            <ToFetch paints={sheet.fetch} />
            {mine.length > 0 && <BenchClock sheet={sheet} />}
            {sheet.undecided.length > 0 && (
                <p className="questions">
                    <b>?</b> Nobody has said what is done on {sheet.undecided.join(', ')}. Ask the lead; the rest of the sheet
                    stands.
                </p>
            )}
            {sheet.unsure.length > 0 && (
                <p className="questions">
                    <b>?</b> Nobody has said yet what this is: {sheet.unsure.join(', ')}. What stands here of it is a guess; ask
                    the lead before it is painted.
                </p>
            )}
            {current !== undefined && mine.length > 0 && (
                <Current
                    key={keyOf(current)}
                    sheet={sheet}
                    row={current}
                    isSure={isSure}
                    onSure={() => setSure(true)}
                    onMoved={() => setChosen(null)}
                    lookedOn={lookedOn}
                    onLookedOn={setLookedOn}
                />
            )}
            <OpenMishaps sheet={sheet} />
            <HandOver sheet={sheet} />
            <section className="all-steps" aria-labelledby="all-steps">
                <h2 id="all-steps">{shown === undefined ? `All ${String(sheet.length)} steps` : count(rows.length, 'step')}</h2>
                {sheet.alike.length > 1 && (
                    <Choice
                        label="Steps of"
                        value={who}
                        options={[
                            { value: '', label: 'all figures' },
                            ...sheet.alike.map((one) => ({
                                value: one.figures.join(),
                                label: numbered(sheet.figures.filter((figure) => one.figures.includes(figure.id))),
                            })),
                        ]}
                        onChange={setWho}
                    />
                )}
                <ol className="steps">
                    {rows.map((row) => (
                        <Fragment key={keyOf(row)}>
                            <StepRow
                                sheet={sheet}
                                row={row}
                                isCurrent={row === current}
                                cautionAt={
                                    sheet.steps.find((one) => one.caution === row.places[0].caution && one.number < row.number)
                                        ?.number ?? null
                                }
                                onChoose={() => choose(row)}
                            />
                            {sheet.joins
                                .filter((join) => join.number === row.number && isShown(join.figures))
                                .map((join) => (
                                    <JoinMark key={join.part} sheet={sheet} join={join} />
                                ))}
                            {sheet.stops
                                .filter((stop) => stop.number === row.number && isShown(stop.figures))
                                .map((stop) => (
                                    <StopMark key={`${stop.tier} ${stop.figures.join()}`} sheet={sheet} stop={stop} />
                                ))}
                        </Fragment>
                    ))}
                </ol>
            </section>
            <p className="caution-always">{sheet.caution}</p>
            {/* On paper alone: a phone held over it opens the sheets of the unit. */}
            <img className="sheet-code" src={`/api/units/${String(sheet.unit.id)}/code`} alt="" />
        </div>
    );
}
