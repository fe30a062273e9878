import { ConfirmProvider, sessionOptions, SignOutButton } from '@features/session';
import { Connection } from '@shared/Connection';
import { LeftOver } from '@shared/LeftOver';
import { useQuery } from '@tanstack/react-query';
import { Suspense } from 'react';
import { Link, Navigate, Outlet, useLocation } from 'react-router';
import { Anywhere } from './Anywhere';
import { placeOf } from './places';
import './shell.css';

interface Place {
    to: string;
    name: string;
    waiting?: number;
}

/** The rail of places, and the place itself. Who is not signed in is sent to the door, and back afterwards. */
export function Shell() {
    const session = useQuery(sessionOptions());
    const location = useLocation();
    if (session.isPending) {
        return null;
    }
    if (session.data === undefined) {
        return <Navigate to="/sign-in" state={{ from: location.pathname + location.search }} replace />;
    }
    const { user, studio, waiting } = session.data;
    if (studio.requires_second_factor && !user.second_factor && location.pathname !== '/account') {
        return <Navigate to="/account" replace />;
    }
    const here = placeOf(location.pathname);
    const places: Place[] = [
        { to: '/', name: 'Today', waiting: waiting.checks + waiting.bench },
        { to: '/standard', name: 'Standard' },
        { to: '/schemes', name: 'Schemes' },
        { to: '/jobs', name: 'Jobs' },
        { to: '/bench', name: 'Bench', waiting: waiting.bench },
        ...(user.role === 'painter' ? [] : [{ to: '/check', name: 'Check', waiting: waiting.checks }]),
        { to: '/records', name: 'Records' },
        { to: '/studio', name: 'Studio' },
    ];
    return (
        <div className="shell">
            <a className="skip" href="#place">
                To the page
            </a>
            <nav className="rail" aria-label="Places">
                <span className="rail-name">Ordotype</span>
                <ul>
                    {places.map((place) => (
                        <li key={place.to}>
                            <Link
                                to={place.to}
                                className={place.to === here ? 'active' : ''}
                                aria-current={place.to === here ? 'page' : undefined}
                            >
                                <span>{place.name}</span>
                                {(place.waiting ?? 0) > 0 && (
                                    <b>
                                        {place.waiting}
                                        <span className="unseen"> waiting</span>
                                    </b>
                                )}
                            </Link>
                        </li>
                    ))}
                </ul>
                <Anywhere />
                <div className="rail-who">
                    <span>{studio.name}</span>
                    <Link to="/account">{user.name}</Link>
                    <span>{user.role}</span>
                    <SignOutButton />
                </div>
            </nav>
            <main id="place" className="place" tabIndex={-1}>
                <Connection />
                <LeftOver key={user.id} person={user.id} />
                <Suspense fallback={null}>
                    <ConfirmProvider>
                        <Outlet />
                    </ConfirmProvider>
                </Suspense>
            </main>
        </div>
    );
}
