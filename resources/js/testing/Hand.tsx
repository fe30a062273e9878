import type { Schemas } from '@api';
import { useQueryClient } from '@tanstack/react-query';
import { Current } from '../features/bench/components/Current';
import { benchKeys } from '../features/bench/queries';
import { answering } from './api';
import { sheet } from './made';

type Props = Parameters<typeof Current>[0];

export const nothingAtHand: Schemas['AtHand'] = {
    area: 'coat',
    after: null,
    finished: null,
    ready: [],
    short: [],
    not_asked: [],
    scheme: null,
};

/** Stands for the API at the bench: what is at hand is read anew with its sheet, whenever that is. */
export const answeringBench = (answer: Parameters<typeof answering>[0]) => answering(answer, { '/at-hand': nothingAtHand });

/** The step in hand, of which nobody has said yet that what the clock holds for wet is dry. */
export function Hand({ atHand = nothingAtHand, ...props }: Partial<Props> & Pick<Props, 'row'> & { atHand?: Schemas['AtHand'] }) {
    const client = useQueryClient();
    const shown = props.sheet ?? sheet();
    shown.steps.forEach((_, line) => client.setQueryData(benchKeys.atHand(shown.job.id, shown.key, line), atHand));
    return (
        <Current
            sheet={shown}
            isSure={false}
            onSure={() => undefined}
            onMoved={() => undefined}
            lookedOn={null}
            onLookedOn={() => undefined}
            {...props}
        />
    );
}
