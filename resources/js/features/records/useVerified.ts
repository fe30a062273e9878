import { api, type Schemas, unwrap } from '@api';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { recordKeys } from './queries';

/** The chain is read a step at a time, all of it or what was signed since, so that who waits sees how far it is. */
export function useVerified() {
    const client = useQueryClient();
    return useMutation({
        mutationFn: async (whole: boolean) => {
            let run: Schemas['ChainRun'] | null = null;
            do {
                const body: { whole: boolean; run: number | null } = { whole, run: run?.id ?? null };
                const chain: Schemas['Chain'] = await unwrap(api.POST('/api/chain/verifications', { body }));
                run = chain.run;
                client.setQueryData(recordKeys.chain, chain);
            } while (run !== null);
        },
    });
}
