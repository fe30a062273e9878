import type { Schemas } from '@api';
import { count } from '@shared/format';
import { Button } from 'antd';
import { useState } from 'react';
import { having } from '../marking';
import { numbered, type Row } from '../rows';
import { useFurtherCoats } from '../useFurtherCoats';

interface Props {
    sheet: Schemas['BenchSheet'];
    places: Row['places'];
    /** Figures that this person may mark. */
    mine: readonly Schemas['SheetFigure'][];
}

/** A coat more than is asked for: on one figure, on all, and what was chosen for some offered for the others. */
export function FurtherCoats({ sheet, places, mine }: Props) {
    const [asking, setAsking] = useState(false);
    const further = useFurtherCoats(sheet, places);
    const here = having(places, mine);
    const [first] = here;
    if (places[0].tidy || places[0].look || places[0].mixes.length === 0 || first === undefined) {
        return null;
    }
    const lay = (figures: readonly Schemas['SheetFigure'][], coats: number) =>
        further.lay.mutate({ figures, coats }, { onSuccess: () => setAsking(false) });
    return (
        <div className="further-coats">
            <Chosen further={further} here={here} lay={lay} />
            {asking ? (
                <p className="further-ask">
                    One more coat than is asked for, on{' '}
                    <Button disabled={further.lay.isPending} onClick={() => lay([first], further.on(first) + 1)}>
                        figure {first.number}
                    </Button>
                    {here.length > 1 && (
                        <Button disabled={further.lay.isPending} onClick={() => lay(here, further.on(first) + 1)}>
                            all {count(here.length, 'figure')}
                        </Button>
                    )}
                    <Button type="text" onClick={() => setAsking(false)}>
                        Back
                    </Button>
                </p>
            ) : (
                <button type="button" className="link-button" onClick={() => setAsking(true)}>
                    It takes another coat…
                </button>
            )}
            {further.lay.error !== null && <p role="alert">{further.lay.error.message}</p>}
        </div>
    );
}

/** What somebody chose, and for whom it can be chosen yet. */
function Chosen({
    further,
    here,
    lay,
}: {
    further: ReturnType<typeof useFurtherCoats>;
    here: readonly Schemas['SheetFigure'][];
    lay: (figures: readonly Schemas['SheetFigure'][], coats: number) => void;
}) {
    const offered = here.filter((figure) => further.on(figure) === 0);
    return further.chosen.map(({ coats, figures, by }) => {
        const own = figures.filter((figure) => here.includes(figure));
        return (
            <p key={coats} role="note">
                {count(coats, 'coat')} more than asked on {numbered(figures)}, by {by}.{' '}
                {offered.length > 0 && (
                    <Button disabled={further.lay.isPending} onClick={() => lay(offered, coats)}>
                        On {numbered(offered)} too
                    </Button>
                )}
                {own.length > 0 && (
                    <Button type="text" disabled={further.lay.isPending} onClick={() => lay(own, 0)}>
                        As asked again
                    </Button>
                )}
            </p>
        );
    });
}
