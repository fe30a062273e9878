import type { Schemas } from '@api';
import { Where } from '@features/maps';
import { Choice } from '@shared/Choice';
import { count } from '@shared/format';
import { Button } from 'antd';
import { useState } from 'react';
import { having, markable, openBeneath, openOnAny, waitingForLook } from '../marking';
import { areasOf, numbered, type Row } from '../rows';
import { useRowMarks } from '../useRowMarks';
import { useWet } from '../useWet';
import { AtHand } from './AtHand';
import { ExcuseForm } from './ExcuseForm';
import { FigureMarks } from './FigureMarks';
import { FurtherCoats } from './FurtherCoats';
import { InTurn } from './InTurn';
import { LeftOpen } from './LeftOpen';
import { LookDeeds } from './LookDeeds';
import { LooksOn } from './LooksOn';
import { MishapForm } from './MishapForm';
import { MixLine } from './MixLine';
import { StepNotes } from './StepNotes';
import { StepTimes } from './StepTimes';
import { StillWet } from './StillWet';

interface Props {
    sheet: Schemas['BenchSheet'];
    row: Row;
    /** Whether it was said before that what the clock holds for wet is dry: it is asked once. */
    isSure: boolean;
    onSure: () => void;
    onMoved: () => void;
    /** Who looks on at what one is not cleared for; null: nobody. It is said once for the sheet. */
    lookedOn: number | null;
    onLookedOn: (person: number | null) => void;
}

/** Where a step is done, in words. */
function placeOf(places: Row['places']): string {
    const names = places.map((step) => `the ${step.area}`);
    const last = names.pop() ?? '';
    const all = names.length === 0 ? last : `${names.join(', ')} and ${last}`;
    return places[0].surface === 'whole' ? 'on the whole figure' : places[0].tidy ? all : `on ${all}`;
}

/** The step in hand, large: what, where, with what, and the marks. */
export function Current({ sheet, row, isSure, onSure, onMoved, lookedOn, onLookedOn }: Props) {
    const [only, setOnly] = useState('');
    const chosen = row.places.find((place) => place.area === only);
    const places: Row['places'] = chosen === undefined ? row.places : [chosen];
    const [step] = places;
    const figures = having(places, sheet.figures);
    return (
        <section className="current" aria-label="The step in hand">
            <p className="current-place">
                step {row.number} of {sheet.length} · {areasOf(row)}
                {step.part !== '' && ` · ${step.part}`}
                {figures.length < sheet.figures.length && ` · only ${numbered(figures)}`}
            </p>
            <h2>
                {step.title} <span>{placeOf(places)}</span>
            </h2>
            {row.places.length > 1 && (
                <Choice
                    label="Where"
                    value={only}
                    options={[
                        { value: '', label: 'in one go' },
                        ...row.places.map((place) => ({ value: place.area, label: `only ${place.area}` })),
                    ]}
                    onChange={setOnly}
                />
            )}
            <div className="current-body">
                <div>
                    {step.degree !== '' && <p className="current-degree">{step.degree}</p>}
                    {places
                        .filter((place) => place.note !== '')
                        .map((place) => (
                            <p key={place.area} className="current-note">
                                {places.length > 1 && <b>{place.area} </b>}
                                {place.note}
                            </p>
                        ))}
                    <Handling step={step} />
                    {step.mixes.map((mix, at) => (
                        <MixLine
                            key={mix.step}
                            sheet={sheet}
                            places={places}
                            mix={mix}
                            at={at}
                            batch={
                                chosen === undefined
                                    ? (row.go?.batches.find((one) => one.step === mix.step)?.batch ?? mix.batch)
                                    : mix.batch
                            }
                        />
                    ))}
                    <InTurn turns={step.turns} />
                    <AtHand sheet={sheet} step={step} />
                    <StepTimes step={step} takes={chosen === undefined ? (row.go ?? step) : step} />
                </div>
                <div>
                    {step.surface !== 'whole' && (
                        <Where
                            type={sheet.type.id}
                            areas={places.map((place) => place.area)}
                            names={places.flatMap((place) => place.where)}
                        />
                    )}
                    <StepNotes sheet={sheet} places={places} />
                </div>
            </div>
            {step.look ? (
                <LookDeeds sheet={sheet} places={places} onMoved={onMoved} />
            ) : (
                <Deeds
                    sheet={sheet}
                    places={places}
                    isSure={isSure}
                    onSure={onSure}
                    onMoved={onMoved}
                    lookedOn={lookedOn}
                    onLookedOn={onLookedOn}
                />
            )}
        </section>
    );
}

/** The marks of a step: by figure, or for all of them at once. */
function Deeds({ sheet, places, isSure, onSure, onMoved, lookedOn, onLookedOn }: Omit<Props, 'row'> & Pick<Row, 'places'>) {
    const [excusing, setExcusing] = useState(false);
    const [wentWrong, setWentWrong] = useState(false);
    const [asked, setAsked] = useState<readonly Schemas['SheetFigure'][]>([]);
    const [early, setEarly] = useState<readonly Schemas['SheetFigure'][]>([]);
    const mine = markable(sheet);
    const marks = useRowMarks(sheet, places);
    const held = waitingForLook(places, mine);
    const open = openOnAny(places, mine).filter((figure) => !marks.marking.includes(figure.id) && !held.includes(figure));
    const next = open[0];
    const wet = useWet(sheet, places).filter((one) => open.some((figure) => figure.id === one.figure_id));
    const store = (figures: readonly Schemas['SheetFigure'][]) =>
        marks.say({ state: 'done', lookedOn }, figures, () => figures.length === open.length && onMoved());
    const done = (figures: readonly Schemas['SheetFigure'][]) => {
        const isWet = figures.some((figure) => wet.some((one) => one.figure_id === figure.id));
        if (openBeneath(sheet, places, figures).length > 0) {
            setEarly(figures);
        } else if (isWet && !isSure) {
            setAsked(figures);
        } else {
            store(figures);
        }
    };
    return (
        <>
            <LooksOn places={places} person={lookedOn} onSay={onLookedOn} />
            <FigureMarks
                sheet={sheet}
                places={places}
                mine={mine}
                marking={marks.marking}
                onToggle={(figure) => (open.includes(figure) ? done([figure]) : marks.takeBack(figure))}
            />
            <FurtherCoats sheet={sheet} places={places} mine={mine} />
            <HeldByLook sheet={sheet} places={places} held={held} />
            <LeftOpen
                open={openBeneath(sheet, places, early)}
                figures={early}
                onSure={() => {
                    store(early);
                    setEarly([]);
                }}
                onBack={() => setEarly([])}
            />
            <StillWet
                sheet={sheet}
                wet={wet}
                asks={asked.length > 0}
                onSure={() => {
                    onSure();
                    store(asked);
                    setAsked([]);
                }}
                onWait={() => setAsked([])}
            />
            <div className="current-deeds">
                <Button type="primary" className="big" disabled={open.length === 0} onClick={() => done(open)}>
                    {open.length === 0
                        ? marks.marking.length === 0
                            ? 'Done on all'
                            : 'Waiting to be stored'
                        : open.length === 1
                          ? `Done on figure ${String(next?.number)}`
                          : `Done on all ${count(open.length, 'figure')}`}
                </Button>
                {open.length > 1 && next !== undefined && (
                    <Button className="big" onClick={() => done([next])}>
                        Done on figure {next.number}
                    </Button>
                )}
                {places[0].only_if !== '' && (
                    <Button
                        className="big"
                        disabled={open.length === 0}
                        onClick={() => marks.say({ state: 'not-needed' }, open, onMoved)}
                    >
                        Not needed
                    </Button>
                )}
                <Button className="big" disabled={open.length === 0} onClick={() => setExcusing(true)}>
                    Not done…
                </Button>
                <Button className="big" onClick={() => setWentWrong(true)}>
                    Mishap…
                </Button>
            </div>
            {wentWrong && <MishapForm sheet={sheet} area={areaOf(places)} figures={mine} onClose={() => setWentWrong(false)} />}
            {excusing && (
                <ExcuseForm
                    name={places.map((place) => `${place.area} ${place.use}`).join(', ')}
                    figures={open}
                    onExcuse={(figures, state, reason, agreedWith, onStored) =>
                        marks.say(
                            { state, reason, agreedWith },
                            open.filter((figure) => figures.includes(figure.id)),
                            () => {
                                onStored();
                                setExcusing(false);
                            },
                        )
                    }
                    onClose={() => setExcusing(false)}
                />
            )}
        </>
    );
}

/** On which figures somebody looks before this is laid. */
function HeldByLook({ sheet, places, held }: Pick<Props, 'sheet'> & Pick<Row, 'places'> & { held: Schemas['SheetFigure'][] }) {
    const look = sheet.steps.filter((step) => step.look && step.number < places[0].number).at(-1);
    return held.length === 0 || look === undefined ? null : (
        <p className="still-wet" role="note">
            Step {look.number}, {look.title.toLowerCase()}, comes first on {numbered(held)}: the lead or a deputy looks.
        </p>
    );
}

/** The area in hand; of the whole figure, none is. */
function areaOf(places: Row['places']): string | null {
    return places[0].surface === 'whole' ? null : places[0].area;
}

/** How thin and with what. */
function Handling({ step }: { step: Schemas['BenchStep'] }) {
    const words = [step.thinning, step.tool].filter((word) => word !== '');
    return words.length === 0 ? null : <p className="current-handling">{words.join(' · ')}</p>;
}
