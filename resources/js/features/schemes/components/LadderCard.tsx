import type { Schemas } from '@api';
import { Swatch } from '@shared/Swatch';
import { Why } from '@shared/Why';
import { memo } from 'react';
import { LadderBars } from './LadderBars';

type Scheme = Schemas['Scheme'];
type Area = Schemas['SchemeArea'];

/** Of more steps the words do not fit under their bars. */
const MANY = 5;

interface Props {
    scheme: Scheme;
    area: Area;
    isOpen: boolean;
    onOpen: () => void;
}

/** One area: its ladder, what each step is painted with, and what is found. */
export const LadderCard = memo(function LadderCard({ scheme, area, isOpen, onOpen }: Props) {
    const steps = area.rungs.filter((rung) => rung.role !== 'ground');
    const many = steps.length > MANY;
    const tier = scheme.tiers.find((one) => one.key === scheme.tier)?.name ?? '';
    return (
        <section className={`ladder-card ${isOpen ? 'ladder-open' : ''}`} aria-label={area.area}>
            <header>
                <h2>
                    <button type="button" className="area-name" onClick={onOpen} aria-pressed={isOpen}>
                        {area.area}
                    </button>
                </h2>
                <p>
                    {area.surface_name.toLowerCase()}
                    {area.surface_here !== '' && ' in this scheme'}
                    {area.span !== null &&
                        area.span > 0 &&
                        area.asked !== null &&
                        ` · span ${Math.round(area.span)} of ${area.asked} asked`}
                    {area.inherited && ` · as ${area.of_scheme}`}
                    {area.same_as !== '' && ` · same as ${area.same_as}`}
                    {area.figure_type !== '' && ' · differs here'}
                </p>
            </header>
            {steps.length > 0 && (
                <>
                    <LadderBars area={area} />
                    <ol
                        className={many ? 'ladder-steps ladder-long' : 'ladder-steps'}
                        style={many ? {} : { gridTemplateColumns: `repeat(${Math.max(steps.length, 3)}, minmax(0, 1fr))` }}
                    >
                        {steps.map((rung, i) => (
                            <li key={i}>
                                <small>
                                    {many && `${i + 1} `}
                                    {rung.role}
                                    {rung.differs && ', differs'}
                                    {!rung.taken && `, not at ${tier}`}
                                </small>
                                {rung.recipe.text}
                                <small>
                                    {rung.hex}
                                    {rung.recipe.forecast && ', forecast'}
                                    {rung.shared && ', with the shared light'}
                                </small>
                            </li>
                        ))}
                    </ol>
                </>
            )}
            <UseList area={area} />
            {area.fault !== null && <p className="ladder-finding">▲ {area.fault.sentence}</p>}
            {area.findings
                .filter((finding) => finding.accepted === null)
                .map((finding) => (
                    <p key={`${finding.code} ${finding.at} ${finding.sentence}`} className="ladder-finding">
                        <span aria-hidden="true">▲ </span>
                        {finding.sentence} {finding.suggestion !== null && <b>{finding.suggestion.sentence} </b>}
                        <Why why={finding.why} about={`${finding.code} on ${area.area}`} />
                    </p>
                ))}
        </section>
    );
});

function UseList({ area }: { area: Area }) {
    return area.uses.length === 0 ? null : (
        <ul className="ladder-uses">
            {area.uses.map((use) => (
                <li key={`${use.use} ${use.step}`}>
                    {use.recipe.hex !== null && <Swatch hex={use.recipe.hex} />}
                    <span>
                        <small>
                            {use.name}
                            {use.step > 1 && ` ${use.step}`}
                        </small>{' '}
                        {use.mix}
                    </span>
                </li>
            ))}
        </ul>
    );
}

/** Areas without a ladder: a ground, a rim, the figure as a whole. */
export function ByUse({ areas, onOpen }: { areas: readonly Area[]; onOpen: (area: string) => void }) {
    return areas.length === 0 ? null : (
        <div className="by-use">
            <h2>Painted by single uses</h2>
            {areas.map((area) => (
                <section key={area.area} aria-label={area.area}>
                    <h3>
                        <button type="button" className="area-name" onClick={() => onOpen(area.area)}>
                            {area.area}
                        </button>
                    </h3>
                    <UseList area={area} />
                </section>
            ))}
        </div>
    );
}
