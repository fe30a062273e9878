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
                                        </span>
                                        <span>
                                            {standing(sheet)}
                                            <StateBar states={statesOf(sheet)} />
                                        </span>
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

/** As the bar has them, from what nobody has begun to what is signed. */
function statesOf(sheet: Schemas['BenchRow']) {
    return [
        { state: 'to-paint' as const, figures: sheet.to_paint },
        { state: 'painting' as const, figures: sheet.painting },
        { state: 'refused' as const, figures: sheet.refused },
        { state: 'mended' as const, figures: sheet.mended },
        { state: 'to-check' as const, figures: sheet.to_check },
        { state: 'signed' as const, figures: sheet.signed },
    ];
}

function standing(sheet: Schemas['BenchRow']): string {
    const parts = [
        [sheet.to_paint, 'to paint'],
        [sheet.painting, 'under way'],
        [sheet.looks, sheet.looks === 1 ? 'waits for a look' : 'wait for a look'],
        [sheet.refused, 'sent back'],
        [sheet.mended, 'mended, to hand over'],
        [sheet.to_check, 'waiting to be checked'],
        [sheet.signed, 'signed off'],
    ] as const;
    return parts
        .filter(([number]) => number > 0)
        .map(([number, words]) => `${number} ${words}`)
        .join(', ');
}
