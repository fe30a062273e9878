import { Current } from '../features/bench/components/Current';
import { sheet } from './made';

type Props = Parameters<typeof Current>[0];

/** The step in hand, of which nobody has said yet that what the clock holds for wet is dry. */
export function Hand(props: Partial<Props> & Pick<Props, 'row'>) {
    return <Current sheet={sheet()} isSure={false} onSure={() => undefined} onMoved={() => undefined} {...props} />;
}
