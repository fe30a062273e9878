import { api, type Schemas, unwrap } from '@api';
import { requestKey } from '@shared/requestKey';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useRef } from 'react';
import { benchKeys, type MishapAsked } from './queries';

interface Told {
    figure: number;
    asked: MishapAsked;
    note: string;
    lifted: boolean;
}

/** What goes wrong at the bench, told and ended; each answers with the sheet as it is then. */
export function useMishaps(sheet: Schemas['BenchSheet']) {
    const client = useQueryClient();
    // One name until it is stored, so that what is sent again is one mishap.
    const name = useRef(requestKey());
    const onSuccess = (next: Schemas['BenchSheet']) => {
        client.setQueryData(benchKeys.sheet(sheet.job.id, sheet.key), next);
        void client.invalidateQueries({ queryKey: [...benchKeys.all, 'mishap-repair'] });
        name.current = requestKey();
    };
    const tell = useMutation({
        mutationFn: ({ figure, asked, note, lifted }: Told) =>
            unwrap(
                api.POST('/api/figures/{figure}/mishaps', {
                    params: { path: { figure } },
                    body: { ...asked, note, lifted, key: name.current },
                }),
            ),
        onSuccess,
    });
    const end = useMutation({
        mutationFn: ({ mishap, ended }: { mishap: number; ended: 'mended' | 'lifted' | 'taken-back' }) =>
            unwrap(api.POST('/api/mishaps/{mishap}/end', { params: { path: { mishap } }, body: { ended } })),
        onSuccess,
    });
    return { tell, end };
}
