import { api, unwrap } from '@api';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { recordKeys } from './queries';

/** Has the chain read again, all of it or what was signed since. */
export function useVerified() {
    const client = useQueryClient();
    return useMutation({
        mutationFn: (whole: boolean) => unwrap(api.POST('/api/chain/verifications', { body: { whole } })),
        onSuccess: (chain) => client.setQueryData(recordKeys.chain, chain),
    });
}
