import { PageHead } from '@shared/PageHead';
import { Link, useParams } from 'react-router';
import { pageOf, PAGES } from './pages';

/** A page for each place: what it is for, what one does there, in its own words and with its picture. */
export function HelpPage() {
    const page = pageOf(useParams()['place']);
    return (
        <div className="help">
            <PageHead title={`Help: ${page.name}`} sub={page.is}>
                <Link to={page.place === 'today' ? '/' : `/${page.place}`}>Go there</Link>
            </PageHead>
            <nav aria-label="Pages of help" className="help-places">
                {PAGES.map((one) => (
                    <Link key={one.place} to={`/help/${one.place}`} aria-current={one === page ? 'page' : undefined}>
                        {one.name}
                    </Link>
                ))}
            </nav>
            <div className="help-body">
                <div>
                    <ol>
                        {page.deeds.map(([what, how]) => (
                            <li key={what}>
                                <b>{what}</b>
                                <p>{how}</p>
                            </li>
                        ))}
                    </ol>
                    <h2>Good to know</h2>
                    <ul>
                        {page.know.map((sentence) => (
                            <li key={sentence}>{sentence}</li>
                        ))}
                    </ul>
                </div>
                <figure data-paint>
                    <img src={page.picture} alt={page.shows} width={1280} height={800} />
                </figure>
            </div>
        </div>
    );
}
