import { Empty } from '@shared/Empty';
import { PageHead } from '@shared/PageHead';
import { Link } from 'react-router';

export function NotHere() {
    return (
        <>
            <PageHead title="There is nothing here" />
            <Empty say="This address leads nowhere; it may have been typed wrong, or what it showed is gone.">
                <Link to="/">Go to what waits for you</Link>
            </Empty>
        </>
    );
}
