import type { Schemas } from '@api';
import { ProposeChange } from '@features/proposals';
import { count, fewMinutes } from '@shared/format';
import { Button } from 'antd';
import { useState } from 'react';
import { markable, openOn } from '../marking';
import { useBench, useMarking } from '../useBench';
import { ExcuseForm } from './ExcuseForm';
import { InTurn } from './InTurn';
import { MixLine } from './MixLine';

interface Props {
    sheet: Schemas['BenchSheet'];
    step: Schemas['BenchStep'];
    onMoved: () => void;
}

/** Where a step is done, in words. */
function placeOf(step: Schemas['BenchStep']): string {
    return step.surface === 'whole' ? 'on the whole figure' : step.tidy ? `the ${step.area}` : `on the ${step.area}`;
}

/** What a step takes by the piece, for one figure and for all of the sheet. */
function materialOf(material: { name: string; pieces: number }, figures: number): string {
    const each = `${material.pieces} × ${material.name} a figure`;
    return figures > 1 ? `${each}, ${Math.ceil(material.pieces * figures)} for all` : each;
}

/** The step in hand, large: what, where, with what, and the marks. */
export function Current({ sheet, step, onMoved }: Props) {
    const bench = useBench(sheet.job.id, sheet.key);
    const [excusing, setExcusing] = useState(false);
    const mine = markable(sheet);
    const marking = useMarking(sheet.job.id, sheet.key, step);
    const open = openOn(step, mine).filter((figure) => !marking.includes(figure.id));
    const next = open[0];
    const mark = (figures: readonly Schemas['SheetFigure'][]) =>
        bench.mark(
            { step, figures: figures.map((figure) => figure.id), state: 'done' },
            () => figures.length === open.length && onMoved(),
        );
    const toggle = (figure: Schemas['SheetFigure']) => {
        const marked = step.marks.some((one) => one.figure_id === figure.id);
        bench.mark({ step, figures: [figure.id], state: marked ? 'taken-back' : 'done' });
    };
    return (
        <section className="current" aria-label="The step in hand">
            <p className="current-place">
                step {step.number} of {sheet.steps.length} · {step.surface === 'whole' ? 'whole figure' : step.area}
                {step.part !== '' && ` · ${step.part}`}
            </p>
            <h2>
                {step.title} <span>{placeOf(step)}</span>
            </h2>
            <div className="current-body">
                <div>
                    {step.degree !== '' && <p className="current-degree">{step.degree}</p>}
                    <Handling step={step} />
                    {step.mixes.map((mix) => (
                        <MixLine key={mix.step} sheet={sheet} step={step} mix={mix} />
                    ))}
                    <InTurn turns={step.turns} />
                    <Times sheet={sheet} step={step} />
                </div>
                <div className="current-notes">
                    {step.judged_by.length > 0 && (
                        <div>
                            <h3>Judged by</h3>
                            <ul>
                                {step.judged_by.map((text) => (
                                    <li key={text}>{text}</li>
                                ))}
                            </ul>
                        </div>
                    )}
                    <div>
                        <h3>Why here</h3>
                        <ul>
                            {step.why.map((why) => (
                                <li key={why.sentence}>{why.sentence}</li>
                            ))}
                        </ul>
                    </div>
                    {step.cleared === false && (
                        <p className="not-cleared">
                            <span aria-hidden="true">▲ </span>You are not cleared for {step.title} at this tier: have somebody
                            look on.
                        </p>
                    )}
                    {step.caution !== null && <p className="caution">{step.caution}</p>}
                    {!step.tidy && (
                        <ProposeChange
                            job={sheet.job.id}
                            tier={step.tier}
                            surface={step.surface}
                            use={step.use}
                            about={`${step.title}, ${step.surface}`}
                        />
                    )}
                </div>
            </div>
            <div className="figures-marked" role="group" aria-label="Figures on which it is done">
                {sheet.figures.map((figure) => {
                    const marked = step.marks.find((one) => one.figure_id === figure.id);
                    return (
                        <button
                            key={figure.id}
                            type="button"
                            aria-pressed={marked !== undefined}
                            className={
                                marking.includes(figure.id)
                                    ? 'waiting'
                                    : marked !== undefined && marked.state !== 'done'
                                      ? 'excused'
                                      : ''
                            }
                            disabled={!mine.includes(figure) || marking.includes(figure.id)}
                            title={
                                marking.includes(figure.id)
                                    ? 'waiting to be stored'
                                    : marked === undefined
                                      ? 'not done'
                                      : marked.state === 'done'
                                        ? `done by ${marked.by}`
                                        : `${marked.state}: ${marked.reason}`
                            }
                            onClick={() => toggle(figure)}
                        >
                            {figure.number}
                        </button>
                    );
                })}
            </div>
            <div className="current-deeds">
                <Button type="primary" className="big" disabled={open.length === 0} onClick={() => mark(open)}>
                    {open.length === 0
                        ? marking.length === 0
                            ? 'Done on all'
                            : 'Waiting to be stored'
                        : open.length === 1
                          ? `Done on figure ${String(next?.number)}`
                          : `Done on all ${count(open.length, 'figure')}`}
                </Button>
                {open.length > 1 && next !== undefined && (
                    <Button className="big" onClick={() => mark([next])}>
                        Done on figure {next.number}
                    </Button>
                )}
                {step.only_if !== '' && (
                    <Button
                        className="big"
                        disabled={open.length === 0}
                        onClick={() =>
                            bench.mark({ step, figures: open.map((figure) => figure.id), state: 'not-needed' }, onMoved)
                        }
                    >
                        Not needed
                    </Button>
                )}
                <Button className="big" disabled={open.length === 0} onClick={() => setExcusing(true)}>
                    Not done…
                </Button>
            </div>
            {excusing && (
                <ExcuseForm
                    name={`${step.area} ${step.use}`}
                    figures={open}
                    onExcuse={(figures, state, reason, agreedWith, onStored) =>
                        bench.mark({ step, figures, state, reason, agreedWith }, () => {
                            onStored();
                            setExcusing(false);
                        })
                    }
                    onClose={() => setExcusing(false)}
                />
            )}
        </section>
    );
}

/** How long a step takes, how it dries and what it takes by the piece. */
function Times({ sheet, step }: Omit<Props, 'onMoved'>) {
    return (
        <p className="current-times">
            {step.minutes > 0 && <span>{range(step)} min a figure</span>}
            {step.dry > 0 && (
                <span>
                    dry after {step.dry} min{step.dry_times > 1 && `, ${step.dry_times} times`}
                </span>
            )}
            {step.wet_into !== '' && <span>at once, into the wet {step.wet_into.toLowerCase()}</span>}
            {step.wet_then !== '' && <span>then at once, while it is wet: {step.wet_then.toLowerCase()}</span>}
            {step.material !== null && <span>{materialOf(step.material, sheet.figures.length)}</span>}
            {step.messy && <span>messy</span>}
        </p>
    );
}

/** Minutes, and how many they may become where coats or steps may be more. */
function range(step: Schemas['BenchStep']): string {
    const [from, to] = [fewMinutes(step.minutes), fewMinutes(step.minutes_to)];
    return from === to ? from : `${from} to ${to}`;
}

/** How thin and with what. */
function Handling({ step }: Pick<Props, 'step'>) {
    const words = [step.thinning, step.tool].filter((word) => word !== '');
    return words.length === 0 ? null : <p className="current-handling">{words.join(' · ')}</p>;
}
