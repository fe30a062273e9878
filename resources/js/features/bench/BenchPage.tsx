import type { Schemas } from '@api';
import { useSession } from '@features/session';
import { Empty } from '@shared/Empty';
import { count, date, minutes } from '@shared/format';
import { ListFind, useFind } from '@shared/ListFind';
import { Loaded } from '@shared/Loaded';
import { PageHead } from '@shared/PageHead';
import { Pages, usePage } from '@shared/Pages';
import { StateBar } from '@shared/StateBar';
import { useQuery } from '@tanstack/react-query';
import { Link, Navigate, useSearchParams } from 'react-router';
import { Runs } from './components/Runs';
import { benchOptions } from './queries';

export function BenchPage() {
    const [search] = useSearchParams();
    const unit = search.get('unit');
    const find = useFind();
    const bench = useQuery(benchOptions({ page: usePage(), find, unit: unit === null ? null : Number(unit) }));
    const { user } = useSession();
    return (
        <>
            <PageHead
                title="Bench"
                sub={user.role === 'painter' ? 'Sheets with figures that are given to you' : 'All bench sheets of open jobs'}
            />
            {unit === null ? (
                <ListFind label="Find a sheet" by="unit, job, figure type or painter" />
            ) : (
                <p className="sheet-facts">
                    Of one unit only. <Link to="/bench">Show all</Link>
                </p>
            )}
            <Loaded query={bench}>
                {({ rows, ...pages }) => {
                    const [only] = rows;
                    if (unit !== null && only !== undefined && rows.length === 1) {
                        return <Navigate to={`/jobs/${only.job_id}/bench/${only.key}`} replace />;
                    }
                    return rows.length === 0 ? (
                        <Empty say={unit !== null ? NOT_OF_UNIT : find === '' ? NONE : `No sheet has to do with “${find}”.`} />
                    ) : (
                        <>
                            <ol className="rows rows-bench">
                                {rows.map((sheet) => (
                                    <Row key={sheet.key} sheet={sheet} saysWho={user.role !== 'painter'} />
                                ))}
                            </ol>
                            <Pages {...pages} of={['unit', 'units']} />
                        </>
                    );
                }}
            </Loaded>
            {unit === null && find === '' && <Runs />}
        </>
    );
}

const NOT_OF_UNIT = 'No sheet of this unit is yours, or its job is closed.';

const NONE =
    'No bench sheet yet. There is one for each unit, and one more for figures of it that are painted quite otherwise; they appear when the lead gives units to painters.';

function Row({ sheet, saysWho }: { sheet: Schemas['BenchRow']; saysWho: boolean }) {
    return (
        <li>
            <Link to={`/jobs/${sheet.job_id}/bench/${sheet.key}`}>
                <strong>
                    {sheet.unit} <small>{sheet.tier}</small>
                </strong>
                <span>
                    {count(sheet.figures, 'figure')}, {sheet.type}
                    {saysWho && <small>{sheet.painters.length === 0 ? 'nobody has it' : sheet.painters.join(', ')}</small>}
                </span>
                <Standing sheet={sheet} />
                <span className="rows-end">
                    {minutes(sheet.minutes)} each{sheet.due !== null && ` · due ${date(sheet.due)}`}
                </span>
            </Link>
        </li>
    );
}

/** What its figures are at, from what nobody has begun to what is signed; a look is waited for within a state. */
function partsOf(sheet: Schemas['BenchRow']) {
    return [
        { state: 'to-paint', figures: sheet.to_paint, words: 'to paint' },
        { state: 'painting', figures: sheet.painting, words: 'under way' },
        { state: null, figures: sheet.looks, words: sheet.looks === 1 ? 'waits for a look' : 'wait for a look' },
        { state: 'refused', figures: sheet.refused, words: 'sent back' },
        { state: 'mended', figures: sheet.mended, words: 'mended, to hand over' },
        { state: 'to-check', figures: sheet.to_check, words: 'waiting to be checked' },
        { state: 'signed', figures: sheet.signed, words: 'signed off' },
    ] as const;
}

function Standing({ sheet }: { sheet: Schemas['BenchRow'] }) {
    const parts = partsOf(sheet);
    return (
        <span>
            {parts
                .filter(({ figures }) => figures > 0)
                .map(({ figures, words }) => `${figures} ${words}`)
                .join(', ')}
            <StateBar states={parts.flatMap(({ state, figures }) => (state === null ? [] : [{ state, figures }]))} />
        </span>
    );
}
