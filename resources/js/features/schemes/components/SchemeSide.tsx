import type { Schemas } from '@api';
import { Plate } from '@features/plates';
import { Swatch } from '@shared/Swatch';
import { Why } from '@shared/Why';
import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { platesOptions, type View } from '../queries';
import { FindingDeed } from './FindingDeed';

type Scheme = Schemas['Scheme'];

interface Props {
    scheme: Scheme;
    view: View;
    mayChange: boolean;
    onLight: () => void;
    onArea: (area: string) => void;
}

/** What holds a figure together: one light, neighbours that part, what is seen from the front. */
export function SchemeSide({ scheme, view, mayChange, onLight, onArea }: Props) {
    const first = scheme.areas.find((area) => area.rungs.length > 1);
    return (
        <aside className="scheme-side" aria-label="What holds the figure together" tabIndex={-1}>
            <section>
                <h2>One light for the figure</h2>
                <Light scheme={scheme} />
                {mayChange && (
                    <Button size="small" onClick={onLight}>
                        Light and ground
                    </Button>
                )}
            </section>
            <Thought scheme={scheme} view={view} mayChange={mayChange} />
            {scheme.span > 0 && (
                <section>
                    <h2>From dark to light</h2>
                    <p>
                        {Math.round(scheme.span)} <small>of {Math.round(scheme.asked)} asked of the figure at this tier</small>
                    </p>
                </section>
            )}
            <section>
                <h2>Do neighbours part?</h2>
                <ul className="pairs">
                    {scheme.pairs.slice(0, 6).map((pair) => (
                        <li key={`${pair.one} ${pair.other}`}>
                            <button type="button" className="link-button" onClick={() => onArea(pair.one)}>
                                {pair.one}, {pair.other}
                            </button>
                            <b>
                                {pair.apart}
                                {pair.parted_by === 'nothing' && <span> ▲</span>}
                            </b>
                            {pair.parted_by !== 'value' && (
                                <small>
                                    under {scheme.least_apart}
                                    {PARTED[pair.parted_by]}
                                </small>
                            )}
                        </li>
                    ))}
                </ul>
                {scheme.pairs.length === 0 && <p>No two areas that are known to touch have their colours yet.</p>}
            </section>
            {scheme.families.length > 0 && <Families scheme={scheme} />}
            {first !== undefined && <Tiers scheme={scheme} area={first.area} />}
        </aside>
    );
}

/** What is found of the figure, the dearest to leave first; what is meant so stands apart. */
function Thought({ scheme, view, mayChange }: Pick<Props, 'scheme' | 'view' | 'mayChange'>) {
    const all = [...scheme.findings, ...scheme.across];
    const open = all.filter((finding) => finding.accepted === null);
    const meant = all.filter((finding) => finding.accepted !== null);
    const list = (findings: readonly Schemas['SchemeFinding'][]) => (
        <ul className="scheme-findings">
            {findings.map((finding) => (
                <li key={`${finding.code} ${finding.area} ${finding.sentence}`}>
                    {finding.accepted === null && <span aria-hidden="true">{MARKS[finding.cost]} </span>}
                    {finding.sentence} <Why why={finding.why} about={`${finding.code} ${finding.area}`} />
                    {mayChange && <FindingDeed scheme={scheme} view={view} finding={finding} />}
                </li>
            ))}
        </ul>
    );
    return (
        <section>
            <h2>To think about</h2>
            <p>{countsOf(scheme.counts)}</p>
            {open.length > 0 && list(open)}
            {meant.length > 0 && (
                <details>
                    <summary>{meant.length === 1 ? 'One is meant so' : `${meant.length} are meant so`}</summary>
                    {list(meant)}
                </details>
            )}
        </section>
    );
}

const MARKS = { stops: '◆', seen: '▲', slight: '●' } as const;

/** How many matter, on the figure and on its areas together. */
function countsOf({ stops, seen, slight, accepted }: Scheme['counts']): string {
    const words = [
        stops > 0 && `${stops} ${stops === 1 ? 'holds' : 'hold'} up the work`,
        seen > 0 && `${seen} ${seen === 1 ? 'is' : 'are'} seen across the table`,
        slight > 0 && `${slight} slight`,
        accepted > 0 && `${accepted} meant so`,
    ].filter((word) => word !== false);
    return words.length === 0 ? 'Nothing is found at this tier.' : `${words.join(', ')}.`;
}

const PARTED = {
    line: ', and a dark line parts them: holds',
    edge: ', and a light line on the edge parts them: holds',
    shade: ', and a shade in the seam parts them: holds',
    nothing: ', and neither line nor shade parts them at this tier',
} as const;

function Light({ scheme }: { scheme: Scheme }) {
    if (scheme.light === '') {
        return <p>No shared light is named yet.</p>;
    }
    return (
        <p className="one-light">
            {scheme.light_hex !== null && <Swatch hex={scheme.light_hex} large />}
            <span>
                {scheme.light}
                <small>
                    {scheme.last_light === 'shared'
                        ? `mixed into the last ${scheme.light_reach === 1 ? 'light' : `${scheme.light_reach} lights`}, ${scheme.light_own} : ${scheme.light_parts}`
                        : `not mixed in: ${scheme.last_light === 'series' ? 'each area has its own lights' : 'the last light is the base again'}`}
                    <br />
                    in the last light of {scheme.lit.taking} of {scheme.lit.of} areas
                </small>
            </span>
        </p>
    );
}

function Families({ scheme }: { scheme: Scheme }) {
    const parts = scheme.families.map((family) => `${family.family} ${Math.round(family.share * 100)}`);
    return (
        <section>
            <h2>Seen from the front</h2>
            <div className="families" data-paint="" aria-hidden="true">
                {scheme.families.map((family) => (
                    <span key={family.family} style={{ background: family.hex, width: `${100 * family.share}%` }} />
                ))}
            </div>
            <p>
                {[...parts, ...(scheme.uncoloured > 0 ? [`no colours yet ${Math.round(scheme.uncoloured * 100)}`] : [])].join(
                    ', ',
                )}{' '}
                <small>of 100; at most {Math.round(scheme.family_limit * 100)} of one family</small>
            </p>
        </section>
    );
}

function Tiers({ scheme, area }: { scheme: Scheme; area: string }) {
    const plates = useQuery(platesOptions(scheme.id, scheme.type, area));
    return (
        <section>
            <h2>{area}, tier by tier</h2>
            <PlateRow plates={plates.data ?? []} />
        </section>
    );
}

export function PlateRow({ plates }: { plates: readonly Schemas['SchemePlate'][] }) {
    return (
        <ol className="plate-row">
            {plates.map((one) => (
                <li key={`${one.area} ${one.tier}`}>
                    {one.plate === null ? (
                        <span className="plate-none">not asked for</span>
                    ) : (
                        <Plate plate={one.plate} about={`${one.area} at ${one.tier_name}`} />
                    )}
                    <small>
                        {one.tier_name}
                        {one.span !== null &&
                            one.span > 0 &&
                            ` · span ${Math.round(one.span)}${one.asked === null ? '' : ` of ${one.asked}`}`}
                    </small>
                </li>
            ))}
        </ol>
    );
}
