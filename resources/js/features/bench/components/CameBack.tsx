import type { Schemas } from '@api';
import { Link } from 'react-router';

/** What is on the figures already: they come back from a record of ours, or came finished. */
export function CameBack({ sheet }: { sheet: Schemas['BenchSheet'] }) {
    if (sheet.elsewhere) {
        return (
            <p className="came-back">
                These came finished, painted elsewhere: nothing is painted on them here. The check judges them.
            </p>
        );
    }
    if (sheet.raises === null) {
        return null;
    }
    const { from, records, not_addable: missing } = sheet.raises;
    return (
        <div className="came-back">
            <p>
                <b>Finished figures.</b> Signed at {from.join(' and ')} (
                {records.map((record, at) => (
                    <span key={record.id}>
                        {at > 0 && ', '}
                        {records.length > 1 && `${String(record.figure)}: `}
                        <Link to={`/records/${String(record.id)}`}>record {record.number}</Link>
                    </span>
                ))}
                ); only what comes to that is on this sheet. Varnished work needs a matt key coat or a light rub before.
            </p>
            {missing.length > 0 && (
                <ul>
                    {missing.map((one) => (
                        <li key={`${one.area} ${one.why}`}>
                            {one.area}: {one.why}
                        </li>
                    ))}
                </ul>
            )}
        </div>
    );
}
