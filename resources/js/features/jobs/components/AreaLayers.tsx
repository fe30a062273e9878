import type { Schemas } from '@api';
import { useSession } from '@features/session';
import { fewMinutes, inSmallestUnit, money } from '@shared/format';
import { Select } from 'antd';
import type { AreaPlace } from '../areaDeeds';
import type { useAssign } from '../useAssign';
import { WaiveForm } from './WaiveForm';

interface Props {
    uses: readonly Schemas['GridUse'][];
    unit: Schemas['GridUnit'];
    /** Those of whom the layers are told. */
    figures: readonly Schemas['GridFigure'][];
    place: AreaPlace;
    tierName: (key: string) => string;
    mayAssign: boolean;
    assign: ReturnType<typeof useAssign>;
}

/** What is laid on an area, the last on top: what its tier asks, what is left out of it, what was added. */
export function AreaLayers({ uses, ...of }: Props) {
    return (
        <ol className="layers" aria-label="Layers, from the top down">
            {uses.toReversed().map((use) => (
                <li key={use.id} className={use.fate === 'laid' ? '' : 'layer-waived'}>
                    <div className="layer-head">
                        <b>{use.name}</b> <span>{use.degree}</span>
                        <span className="layer-minutes">
                            {use.fate === 'laid' ? `${fewMinutes(use.minutes)} min` : NOT_LAID[use.fate]}
                        </span>
                    </div>
                    <OfLayer use={use} {...of} />
                </li>
            ))}
        </ol>
    );
}

const NOT_LAID: Readonly<Record<Schemas['GridUse']['fate'], string>> = {
    laid: '',
    'left-out': 'left out',
    'not-chosen': 'not chosen',
    there: 'not now',
};

function OfLayer({ use, unit, figures, place, tierName, mayAssign, assign }: Omit<Props, 'uses'> & { use: Schemas['GridUse'] }) {
    const { studio } = useSession();
    const takeBack = (agreed: { id: number; whole_unit: boolean }, words: string) =>
        mayAssign ? (
            <button type="button" className="link-button" onClick={() => assign.unwaive(unit, agreed, figures)}>
                {words}
            </button>
        ) : null;
    return (
        <>
            {use.there !== '' && <p>{use.there}</p>}
            {use.menu !== null && (
                <MenuLine
                    menu={use.menu}
                    mayChoose={mayAssign}
                    onChoose={() => assign.choose(place, use.id, use.technique)}
                    onTakeBack={() => assign.choose(place, use.id, null)}
                />
            )}
            {use.choices.length > 0 && use.waiver === null && (
                <Select
                    aria-label={`Method of ${use.id}`}
                    size="small"
                    value={use.technique}
                    disabled={!mayAssign}
                    options={use.choices.map((choice) => ({ value: choice.id, label: choice.name }))}
                    onChange={(technique) => assign.choose(place, use.id, technique)}
                />
            )}
            {use.waiver !== null && (
                <p>
                    <Terms
                        terms={use.waiver}
                        figures={figures.length}
                        price={use.waiver.price === null ? '' : `${money(use.waiver.price, studio)} off a figure.`}
                    />{' '}
                    {takeBack(use.waiver, 'Ask for it again')}
                </p>
            )}
            {use.addition !== null && (
                <p>
                    Added, of {tierName(use.from)}.{' '}
                    <Terms
                        terms={use.addition}
                        figures={figures.length}
                        price={
                            use.addition.price === null ? 'No price agreed.' : `${money(use.addition.price, studio)} a figure.`
                        }
                    />{' '}
                    {takeBack(use.addition, 'Take it off again')}
                </p>
            )}
            {mayAssign && use.waiver === null && use.menu === null && use.addition === null && (
                <WaiveForm
                    name={use.name}
                    currency={studio.currency}
                    onWaive={(reason, agreedWith, price) =>
                        assign.waive(place, use.id, { reason, agreedWith, price: inSmallestUnit(price, studio) })
                    }
                />
            )}
        </>
    );
}

interface TermsProps {
    terms: NonNullable<Schemas['GridUse']['waiver']>;
    figures: number;
    price: string;
}

function Terms({ terms, figures, price }: TermsProps) {
    return (
        <>
            {terms.reason}
            {terms.agreed_with !== '' && ` Agreed with ${terms.agreed_with}.`} {price} {terms.by}
            {terms.whole_unit
                ? ', for the unit.'
                : figures === 1
                  ? ', for this figure.'
                  : `, for these ${String(figures)} figures.`}
        </>
    );
}

interface MenuProps {
    menu: NonNullable<Schemas['GridUse']['menu']>;
    mayChoose: boolean;
    onChoose: () => void;
    onTakeBack: () => void;
}

/** A layer of those to choose from: so many of them, or by agreement. */
function MenuLine({ menu, mayChoose, onChoose, onTakeBack }: MenuProps) {
    return (
        <p>
            {menu.name}: {menu.choose === null ? 'by agreement' : `the tier includes ${menu.choose}`}.{' '}
            {menu.chosen ? 'Chosen.' : menu.laid ? 'Taken unless another is chosen.' : ''}{' '}
            {mayChoose && (
                <button type="button" className="link-button" onClick={menu.chosen ? onTakeBack : onChoose}>
                    {menu.chosen ? 'Take it back' : 'Choose it'}
                </button>
            )}
        </p>
    );
}
