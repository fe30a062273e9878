import type { Schemas } from '@api';
import { useSession } from '@features/session';
import { ErrorNote } from '@shared/ErrorNote';
import { count, instant } from '@shared/format';
import { Loaded } from '@shared/Loaded';
import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useEffect } from 'react';
import { chainOptions } from '../queries';
import { useVerified } from '../useVerified';

/** Whether the chain holds, as it was read last; what is new is read on at once, all of it by who asks. */
export function Chain() {
    const chain = useQuery(chainOptions());
    const reading = useVerified();
    const { mutate, isIdle } = reading;
    const isReading = reading.isPending || (chain.data?.run ?? null) !== null;
    const isBehind = chain.data !== undefined && chain.data.holds && chain.data.records > chain.data.verified;
    // Who opens the page wants to know it of the newest, too; all of it is read when somebody asks.
    useEffect(() => {
        if (isBehind && isIdle && !isReading) {
            mutate(false);
        }
    }, [isBehind, isIdle, isReading, mutate]);
    return (
        <section className="chain" aria-label="The chain of records" aria-live="polite">
            <Loaded query={chain}>
                {(data) => (
                    <>
                        <p>
                            <b>{standing(data)}</b>
                            <WhenRead chain={data} /> {data.rule}
                        </p>
                        <ul>
                            {data.faults.map((fault) => (
                                <li key={fault}>{fault}</li>
                            ))}
                        </ul>
                        {reading.isError && <ErrorNote error={reading.error} />}
                        {data.run !== null && (
                            <p className="chain-run">
                                <progress value={data.run.read} max={data.records} aria-label="Records read" />
                                {data.run.read} of {count(data.records, 'record')} read
                            </p>
                        )}
                    </>
                )}
            </Loaded>
            {isBehind && (
                <Button disabled={isReading} onClick={() => reading.mutate(false)}>
                    Verify what is new
                </Button>
            )}
            <Button disabled={isReading} loading={isReading} onClick={() => reading.mutate(true)}>
                Verify all again
            </Button>
        </section>
    );
}

function standing({ holds, verified_at, records }: Schemas['Chain']): string {
    if (verified_at === null) {
        return records === 0 ? '○ No chain yet' : '○ The chain was not read again yet';
    }
    return holds ? '✓ The chain holds' : '◆ The chain does not hold';
}

function WhenRead({ chain }: { chain: Schemas['Chain'] }) {
    const { studio } = useSession();
    const fresh = chain.records - chain.verified;
    return (
        <>
            {chain.verified_at !== null &&
                `, ${count(chain.verified, 'record')} read again ${instant(chain.verified_at, studio.time_zone)}`}
            {chain.whole_at !== null &&
                chain.whole_at !== chain.verified_at &&
                `, all from the first on ${instant(chain.whole_at, studio.time_zone)}`}
            .{fresh > 0 && ` ${count(fresh, 'record')} signed since.`}
        </>
    );
}
