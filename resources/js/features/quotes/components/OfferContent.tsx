import type { Schemas } from '@api';
import { FigureSide } from '@features/maps';
import { OfferedPlate } from '@features/plates';
import { count, date, money } from '@shared/format';
import type { ReactNode } from 'react';
import type { Content, Offer } from '../queries';
import { Lines } from './Lines';

/** A quote as it was offered: prices, what is otherwise than before, terms, what is to be answered, and what each tier includes. */
export function OfferContent({ offer, children }: { offer: Offer; children?: ReactNode }) {
    const { content } = offer;
    return (
        <div className="offer-content">
            <Days content={content} />
            <Lines lines={content.lines} materials={content.materials} sums={content.sums} currency={content} />
            <InColours figures={content.figures} plates={offer.plates} />
            <Otherwise offer={offer} />
            {content.terms !== '' && (
                <section>
                    <h2>Terms</h2>
                    <p className="offer-terms">{content.terms}</p>
                </section>
            )}
            {children}
            {content.tiers.map((tier) => (
                <TierIncludes key={tier.name} tier={tier} />
            ))}
        </div>
    );
}

function Days({ content }: { content: Content }) {
    return (
        <p className="offer-days">
            {content.promised_for !== null && `Promised for ${date(content.promised_for)}. `}
            {content.wished_for !== null && `Wished for by ${date(content.wished_for)}. `}
            It can be agreed to until {date(content.valid_until)} and binds nobody before.
        </p>
    );
}

/** The figures in the colours of their scheme on the day of the quote. */
function InColours({ figures, plates }: { figures: Content['figures']; plates: Offer['plates'] }) {
    return figures.length === 0 && plates.length === 0 ? null : (
        <section>
            <h2>In these colours</h2>
            {figures.length > 0 && (
                <p>A drawing of where each colour goes, not of how it is shaded and lit; grey is what has no colour yet.</p>
            )}
            <Figures figures={figures} />
            {plates.length > 0 && (
                <p>How surfaces come out at their tier, shaded and lit: not the figure itself. Mixed colours are forecasts.</p>
            )}
            {plates.map((one) => (
                <figure key={`${one.type} ${one.tier} ${one.units.join()}`} className="offer-plates">
                    <figcaption>
                        {one.type} at {one.tier} <small>{one.units.join(', ')}</small>
                    </figcaption>
                    <ul>
                        {one.areas.map(({ area, picture }) => (
                            <li key={area}>
                                <OfferedPlate picture={picture} about={`${area} of ${one.type} at ${one.tier}`} />
                                <small>{area}</small>
                            </li>
                        ))}
                    </ul>
                </figure>
            ))}
        </section>
    );
}

/** As they are seen from the front. */
function Figures({ figures }: { figures: Content['figures'] }) {
    return figures.length === 0 ? null : (
        <div className="offer-figures">
            {figures.map((figure) => (
                <figure key={`${figure.type} ${figure.units.join()}`}>
                    <FigureSide
                        side={sideOf(figure)}
                        about={`${figure.type} from the front`}
                        isPaint
                        look={(area) => ({
                            fill: figure.areas.find((one) => one.area === area)?.hex ?? 'var(--neutral)',
                        })}
                    />
                    <figcaption>
                        {figure.type} <small>{figure.units.join(', ')}</small>
                    </figcaption>
                </figure>
            ))}
        </div>
    );
}

function sideOf({ width, height, areas }: Content['figures'][number]): Schemas['OutlinedSide'] {
    return { side: 'front', width, height, areas: areas.map(({ area, path }) => ({ area, path, x: 0, y: 0 })), pieces: [] };
}

/** What the quote before this one said otherwise. */
function Otherwise({ offer: { before, content } }: { offer: Offer }) {
    if (before === null) {
        return null;
    }
    const line = (one: NonNullable<Offer['before']>['changes'][number]['before'][number]) =>
        `${one.figures} at ${one.tier}, ${money(one.each, content)} each`;
    const side = (lines: Parameters<typeof line>[0][]) => (lines.length === 0 ? 'not in it' : lines.map(line).join('; '));
    return (
        <section>
            <h2>Otherwise than in quote {before.number}</h2>
            {before.changes.length === 0 ? (
                <p>The same figures at the same prices.</p>
            ) : (
                <ul className="offer-changes">
                    {before.changes.map((change) => (
                        <li key={change.unit}>
                            <b>{change.unit}</b>: {side(change.before)} → {side(change.after)}
                        </li>
                    ))}
                </ul>
            )}
            <p>
                To be paid: {money(before.total, content)} → {money(content.sums.total, content)}
            </p>
        </section>
    );
}

function TierIncludes({ tier }: { tier: Content['tiers'][number] }) {
    return (
        <section>
            <h2>What {tier.name} includes</h2>
            <p>
                {tier.made !== '' && `Made ${tier.made}. `}Looked at from {Math.round(tier.distance_mm / 10)} cm.{' '}
                {count(tier.surfaces.length, 'surface')}, layers from the lowest up.
            </p>
            <dl className="offer-surfaces">
                {tier.surfaces.map((surface) => (
                    <div key={surface.name}>
                        <dt>{surface.name}</dt>
                        <dd>
                            {surface.included.join('; ')}
                            {surface.to_choose.map((menu) => (
                                <p key={menu.name} className="offer-choose">
                                    To choose, {menu.choose === null ? 'by agreement' : `${String(menu.choose)} of these`}:{' '}
                                    {menu.of.join('; ')}
                                </p>
                            ))}
                        </dd>
                    </div>
                ))}
            </dl>
        </section>
    );
}
