import type { Schemas } from '@api';
import { useSession } from '@features/session';
import type { Point } from '@shared/pointing';
import { PageHead } from '@shared/PageHead';
import { useKeys } from '@shared/useKeys';
import { useState } from 'react';
import { type AnswerName, type SideName, useCheck } from '../useCheck';
import { askedHere, keyOf, seenFrom, sideToLookAt } from '../walk';
import { FlawForm } from './FlawForm';
import { ItemInHand } from './ItemInHand';
import { ItemList } from './ItemList';
import { Running } from './Running';
import { Turn } from './Turn';

type Item = Schemas['CheckItem'];

/** The answer that agrees with the excuse of an item; where it has none, one that it does not take. */
function agreeing(item: Item | null): AnswerName {
    return item?.answers.find((one) => one !== 'not-done') ?? 'holds';
}

/** A figure in hand: turned side by side, looked at for what is wrong, what matters most asked one by one. */
export function Checking({ check }: { check: Schemas['Check'] }) {
    const deeds = useCheck(check);
    const { studio } = useSession();
    const [turned, setTurned] = useState<SideName | null>(null);
    const [chosen, setChosen] = useState<string | null>(null);
    const [area, setArea] = useState<string | null>(null);
    const [place, setPlace] = useState<Point | null>(null);
    const [flawing, setFlawing] = useState(false);
    const [asking, setAsking] = useState<AnswerName | null>(null);
    const side = turned ?? sideToLookAt(check);
    const items = seenFrom(check, side);
    const asked = askedHere(check, side);
    const inHand = items.find((item) => keyOf(item) === chosen) ?? asked[0] ?? null;
    const passed = check.passed.includes(side);

    const pointAt = (to: string | null, at: Point | null = null) => {
        setArea(to);
        setPlace(at);
    };
    const turn = (to: SideName) => {
        setTurned(to);
        setChosen(null);
        pointAt(null);
        setAsking(null);
    };
    const move = (by: 1 | -1) => {
        const at = inHand === null ? (by === 1 ? -1 : 0) : items.indexOf(inHand);
        const next = items[(at + by + items.length) % items.length];
        setChosen(next === undefined ? null : keyOf(next));
        setAsking(null);
    };
    const answer = (given: AnswerName, reason = '') => {
        if (inHand === null || deeds.isPending || !inHand.answers.includes(given)) {
            return;
        }
        if (inHand.excused === null && (given === 'not-on-figure' || given === 'unreachable') && reason === '') {
            setAsking(given);
            return;
        }
        deeds.answer(inHand, given, side, reason);
        setAsking(null);
        setChosen(null);
    };
    const pass = () => {
        if (!passed && !deeds.isPending) {
            deeds.pass(side);
            setTurned(null);
            setChosen(null);
            pointAt(null);
        }
    };
    const choose = (item: Item) => {
        setChosen(keyOf(item));
        pointAt(item.area);
        setAsking(null);
    };
    /** Pointing at an area takes its first open item in hand, if it has one here. */
    const point = (to: string, at: Point | null) => {
        const open = items.find((item) => item.area === to && item.answer === null);
        pointAt(to, at);
        setChosen(open === undefined ? null : keyOf(open));
        setAsking(null);
    };
    const sideKeys = Object.fromEntries(
        (['front', 'left', 'back', 'right', 'above', 'below'] as const).flatMap((one, i) =>
            check.sides.includes(one) ? [[String(i + 1), { does: `turns to the ${one}`, deed: () => turn(one) }]] : [],
        ),
    );
    useKeys(
        {
            ...sideKeys,
            p: { does: 'passes the side that is shown', deed: pass },
            j: { does: 'goes to the next item', deed: () => move(1) },
            k: { does: 'goes to the item before', deed: () => move(-1) },
            // Of what was handed over undone, A agrees with the excuse, where that can be.
            a: {
                does: 'it holds, or agrees with the excuse',
                deed: () => answer(inHand?.excused === null ? 'holds' : agreeing(inHand)),
            },
            f: { does: 'it does not hold', deed: () => answer('does-not-hold') },
            m: { does: 'it was not done', deed: () => answer('not-done') },
            n: { does: 'it is not on this figure', deed: () => answer('not-on-figure') },
            l: { does: 'writes a flaw down', deed: () => setFlawing(true) },
            u: {
                does: 'takes the last answer back',
                deed: () => {
                    if (check.undo !== null && !deeds.isPending) {
                        deeds.undo();
                    }
                },
            },
        },
        studio.single_keys && check.state === 'open',
    );
    return (
        <div className="checking">
            <PageHead
                title={`${check.unit}, ${check.number} of ${check.count}${check.name === '' ? '' : `, ${check.name}`}`}
                sub={`${check.tier.name} · ${check.standard} · ${check.painters.length === 0 ? 'painter not known' : `painted by ${check.painters.join(', ')}`}${check.round > 1 ? ` · check ${check.round}` : ''}${check.wishes.length === 0 ? '' : ` · as the client wishes: ${check.wishes.join('; ')}`}`}
            />
            <div className="check-places">
                <Turn check={check} side={side} area={area} place={place} onSide={turn} onArea={point} />
                <section className="check-middle" aria-label="What is asked">
                    <ItemInHand
                        check={check}
                        side={side}
                        item={inHand}
                        left={asked.length}
                        passed={passed}
                        asking={asking}
                        pending={deeds.isPending}
                        onAnswer={answer}
                        onPass={pass}
                        onFlaw={() => setFlawing(true)}
                        onCancel={() => setAsking(null)}
                    />
                    <ItemList
                        items={
                            area === null ? items : items.toSorted((a, b) => Number(b.area === area) - Number(a.area === area))
                        }
                        area={area}
                        inHand={inHand}
                        onChoose={choose}
                    />
                </section>
                <Running check={check} deeds={deeds} area={area} />
            </div>
            {flawing && (
                <FlawForm
                    check={check}
                    side={side}
                    area={area ?? inHand?.area ?? null}
                    place={place}
                    onNote={async (flaw) => {
                        await deeds.flaw(flaw);
                        setPlace(null);
                    }}
                    onClose={() => setFlawing(false)}
                />
            )}
        </div>
    );
}
