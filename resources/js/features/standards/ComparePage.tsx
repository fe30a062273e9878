import type { Schemas } from '@api';
import { useSession } from '@features/session';
import { Empty } from '@shared/Empty';
import { millimetres, minutes, money } from '@shared/format';
import { Loaded } from '@shared/Loaded';
import { PageHead } from '@shared/PageHead';
import { PaperButton } from '@shared/PaperButton';
import { SidesMark } from '@shared/SidesMark';
import { useQuery } from '@tanstack/react-query';
import { Select } from 'antd';
import { useParams, useSearchParams } from 'react-router';
import { Use } from './components/Cell';
import { Plate } from '@features/plates';
import { askForComparison, platesOptions, sheetOptions, standardsOptions } from './queries';

/** Two tiers, or two versions of one, side by side. Which ones is in the address. */
export function ComparePage() {
    const standards = useQuery(standardsOptions());
    const { version } = useParams();
    const [search] = useSearchParams();
    return (
        <Loaded query={standards}>
            {(rows) => {
                const left = rows.find((row) => String(row.id) === version) ?? rows[0];
                const right = rows.find((row) => String(row.id) === search.get('with')) ?? left;
                return left === undefined || right === undefined ? (
                    <>
                        <PageHead title="Compare" />
                        <Empty say="There is no standard yet, so there are no tiers to compare." />
                    </>
                ) : (
                    <Sides rows={rows} left={left} right={right} />
                );
            }}
        </Loaded>
    );
}

type Row = Schemas['StandardVersionRow'];

function Sides({ rows, left, right }: { rows: readonly Row[]; left: Row; right: Row }) {
    const one = useQuery(sheetOptions(left.id));
    const other = useQuery(sheetOptions(right.id));
    return (
        <Loaded query={one}>
            {(leftSheet) => (
                <Loaded query={other}>{(rightSheet) => <Comparison rows={rows} left={leftSheet} right={rightSheet} />}</Loaded>
            )}
        </Loaded>
    );
}

type Sheet = Schemas['Sheet'];
type Tier = Schemas['SheetTier'];

function Comparison({ rows, left, right }: { rows: readonly Row[]; left: Sheet; right: Sheet }) {
    const [search, setSearch] = useSearchParams();
    const offered = left.tiers.filter((tier) => !tier.retired);
    const leftTier = left.tiers.find((tier) => tier.key === search.get('left')) ?? offered[0];
    const rightTier =
        right.tiers.find((tier) => tier.key === search.get('right')) ??
        right.tiers.find((tier) => tier.key === offered[1]?.key) ??
        right.tiers[0];
    const set = (name: string, value: string) =>
        setSearch((before) => {
            const next = new URLSearchParams(before);
            next.set(name, value);
            return next;
        });
    if (leftTier === undefined || rightTier === undefined) {
        return (
            <>
                <PageHead title="Compare" />
                <Empty say="This version has no tier yet." />
            </>
        );
    }
    const sides = { left: leftTier.key, right: rightTier.key, with: right.id };
    const surfaces = [
        ...right.surfaces,
        ...left.surfaces.filter((one) => !right.surfaces.some((other) => other.key === one.key)),
    ];
    const tiersOf = (sheet: Sheet) => sheet.tiers.map((tier) => ({ value: tier.key, label: tier.name }));
    return (
        <div className="compare">
            <PageHead
                title={`${leftTier.name} and ${rightTier.name}`}
                sub={left.id === right.id ? `${left.name} ${left.version}` : `${left.version} and ${right.version}`}
            >
                <Select
                    aria-label="Tier on the left"
                    value={leftTier.key}
                    options={tiersOf(left)}
                    onChange={(key) => set('left', key)}
                />
                <Select
                    aria-label="Tier on the right"
                    value={rightTier.key}
                    options={tiersOf(right)}
                    onChange={(key) => set('right', key)}
                />
                <Select
                    aria-label="Version on the right"
                    value={right.id}
                    options={rows.map((row) => ({ value: row.id, label: row.version }))}
                    onChange={(id) => set('with', String(id))}
                />
                <PaperButton
                    label="PDF for a client"
                    name={`${leftTier.name} and ${rightTier.name}.pdf`}
                    ask={(signal) => askForComparison(left.id, sides, signal)}
                />
            </PageHead>
            <table className="sheet compare-table">
                <caption className="unseen">
                    {leftTier.name} beside {rightTier.name}
                </caption>
                <thead>
                    <tr>
                        <th scope="col" className="sheet-corner" />
                        <Head tier={leftTier} reference={left.reference} />
                        <Head tier={rightTier} reference={right.reference} />
                    </tr>
                </thead>
                <tbody>
                    {surfaces.map((surface) => (
                        <tr key={surface.key}>
                            <th scope="row">{surface.name}</th>
                            <Side sheet={left} tier={leftTier} surface={surface.key} />
                            <Side sheet={right} tier={rightTier} surface={surface.key} />
                        </tr>
                    ))}
                </tbody>
            </table>
        </div>
    );
}

function Head({ tier, reference }: { tier: Tier; reference: string }) {
    const { studio } = useSession();
    const { price } = tier;
    return (
        <th scope="col" className="tier-head">
            <div className="tier-name">
                <span>{tier.name}</span>
                <small>{tier.rank}</small>
            </div>
            <div className="tier-facts">
                <SidesMark sides={tier.sides} />
                <div>
                    <span>
                        seen from <b>{tier.distance_mm} mm</b>, flaws from <b>{millimetres(tier.smallest_mm)}</b> count
                    </span>
                    <span>
                        <b>{minutes(tier.minutes)}</b> for a {reference}
                    </span>
                    <span>
                        {price === null
                            ? 'no list price'
                            : price.hourly !== null
                              ? `${money(price.hourly, studio)} an hour`
                              : Object.entries(price.list ?? {})
                                    .map(([size, amount]) => `${size} ${money(amount, studio)}`)
                                    .join(' · ')}
                    </span>
                </div>
            </div>
        </th>
    );
}

function Side({ sheet, tier, surface }: { sheet: Sheet; tier: Tier; surface: string }) {
    const plates = useQuery(platesOptions(sheet.id, sheet.revision, surface));
    const cell = sheet.cells.find((one) => one.tier === tier.key && one.surface === surface);
    const plate = plates.data?.find((one) => one.tier === tier.key);
    if (cell === undefined || cell.state !== 'asked') {
        return (
            <td className={`cell cell-${cell?.state ?? 'undecided'}`}>
                <p className="cell-none">{cell?.state === 'not-asked' ? 'not asked for' : 'undecided'}</p>
            </td>
        );
    }
    return (
        <td className="cell">
            {plate !== undefined && <Plate plate={plate} about={`${tier.name}, ${surface}`} />}
            <ol className="stack">
                {cell.uses.toReversed().map((use) => (
                    <Use key={use.id} use={use} />
                ))}
            </ol>
        </td>
    );
}
