import { Empty } from '@shared/Empty';
import { PageHead } from '@shared/PageHead';
import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { Checking } from './components/Checking';
import { checkOptions } from './queries';

export function CheckPage() {
    const figure = Number(useParams()['figure']);
    const check = useQuery(checkOptions(figure));
    if (check.data !== undefined) {
        return <Checking check={check.data} />;
    }
    if (!check.isError) {
        return <p className="loading">…</p>;
    }
    return (
        <>
            <PageHead title="Check" />
            <Empty say={check.error.message}>
                <Link to="/check">Figures that wait to be checked</Link>
            </Empty>
        </>
    );
}
