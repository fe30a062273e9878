import { paintsOptions } from '@features/paints';
import { HoursSection } from '@features/plan';
import { useSession } from '@features/session';
import { count } from '@shared/format';
import { Loaded } from '@shared/Loaded';
import { PageHead } from '@shared/PageHead';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { FigureTypes } from './components/FigureTypes';
import { People } from './components/People';
import { Settings } from './components/Settings';
import { SchemeSettings } from './SchemeSettings';

export function StudioPage() {
    const { studio } = useSession();
    return (
        <>
            <PageHead
                title={studio.name}
                sub={`times in ${studio.time_zone} · ${studio.allows_self_check ? 'own work may be checked, and the record says so' : 'nobody checks own work'}`}
            />
            <div className="studio">
                <Settings />
                <People />
                <HoursSection />
                <FigureTypes />
                <Paints />
                <SchemeSettings />
            </div>
        </>
    );
}

function Paints() {
    const paints = useQuery(paintsOptions());
    return (
        <section>
            <h2>Paints</h2>
            <p className="studio-line">
                <Loaded query={paints}>{(rows) => <>{count(rows.length, 'paint')}. </>}</Loaded>
                <Link to="/studio/paints">Open the paints</Link>: colours, what is left, substitutes.
            </p>
        </section>
    );
}
