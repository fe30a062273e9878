import type { Schemas } from '@api';
import { useSession } from '@features/session';
import { Empty } from '@shared/Empty';
import { count, date, minutes } from '@shared/format';
import { Loaded } from '@shared/Loaded';
import { PageHead } from '@shared/PageHead';
import { StateBar } from '@shared/StateBar';
import { useQuery } from '@tanstack/react-query';
import { Link, Navigate, useSearchParams } from 'react-router';
import { Runs } from './components/Runs';
import { benchOptions } from './queries';

export function BenchPage() {
    const bench = useQuery(benchOptions());
    const { user } = useSession();
    const unit = useSearchParams()[0].get('unit');
    return (
        <>
            <PageHead
                title="Bench"
                sub={user.role === 'painter' ? 'Sheets with figures that are given to you' : 'All bench sheets of open jobs'}
            />
            {unit !== null && (
                <p className="sheet-facts">
                    Of one unit only. <Link to="/bench">Show all</Link>
                </p>
            )}
            <Loaded query={bench}>
                {(all) => {
                    const sheets = all.filter((sheet) => unit === null || String(sheet.unit_id) === unit);
                    const [only] = sheets;
                    if (unit !== null && only !== undefined && sheets.length === 1) {
                        return <Navigate to={`/jobs/${only.job_id}/bench/${only.key}`} replace />;
                    }
                    return sheets.length === 0 ? (
                        <Empty
                            say={
                                unit !== null
                                    ? 'No sheet of this unit is yours, or its job is closed.'
                                    : 'No bench sheet yet. There is one for each unit, and one more for figures of it that are painted quite otherwise; they appear when the lead gives units to painters.'
                            }
                        />
                    ) : (
                        <ol className="rows rows-bench">
                            {sheets.map((sheet) => (
                                <li key={sheet.key}>
                                    <Link to={`/jobs/${sheet.job_id}/bench/${sheet.key}`}>
                                        <strong>
                                            {sheet.unit} <small>{sheet.tier}</small>
                                        </strong>
                                        <span>
                                            {count(sheet.figures, 'figure')}, {sheet.type}
                                            {user.role !== 'painter' && (
                                                <small>
                                                    {sheet.painters.length === 0 ? 'nobody has it' : sheet.painters.join(', ')}
                                                </small>
                                            )}
                                        </span>
                                        <Standing sheet={sheet} />
                                        <span className="rows-end">
                                            {minutes(sheet.minutes)} each{sheet.due !== null && ` · due ${date(sheet.due)}`}
                                        </span>
                                    </Link>
                                </li>
                            ))}
                        </ol>
                    );
                }}
            </Loaded>
            {unit === null && <Runs />}
        </>
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
