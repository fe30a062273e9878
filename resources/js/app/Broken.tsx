import { useRouteError } from 'react-router';

/** What is shown when a page itself breaks, or a newer version of it was put in place. */
export function Broken() {
    const error = useRouteError();
    return (
        <main className="broken" role="alert">
            <h1>This page broke</h1>
            <p>{error instanceof Error ? error.message : 'Nothing was stored.'}</p>
            <button type="button" className="plain-button" onClick={() => window.location.reload()}>
                Load it again
            </button>
        </main>
    );
}
