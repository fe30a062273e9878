import { createBrowserRouter } from 'react-router';
import { gridOptions, jobOptions } from '@features/jobs/queries';
import { sessionOptions } from '@features/session';
import { Broken } from './Broken';
import { client } from './client';
import { early } from './early';
import { Shell } from './Shell';

export const router = createBrowserRouter([
    { path: '/sign-in', lazy: async () => ({ Component: (await import('@features/session')).SignInPage }) },
    { path: '/join/:token', lazy: async () => ({ Component: (await import('@features/session')).JoinPage }) },
    { path: '/offer/:token', lazy: async () => ({ Component: (await import('@features/quotes')).OfferPage }) },
    {
        path: '/',
        // Who is signed in decides what is shown at all; who is at the door, or reads an offer, is nobody.
        loader: () => {
            early(client, sessionOptions());
            return null;
        },
        element: <Shell />,
        errorElement: <Broken />,
        children: [
            { index: true, lazy: async () => ({ Component: (await import('@features/today')).TodayPage }) },
            { path: 'standard/:version?', lazy: async () => ({ Component: (await import('@features/standards')).StandardPage }) },
            {
                path: 'standard/:version/compare',
                lazy: async () => ({ Component: (await import('@features/standards')).ComparePage }),
            },
            {
                path: 'standard/:version/raise',
                lazy: async () => ({ Component: (await import('@features/standards')).RaisePage }),
            },
            { path: 'schemes', lazy: async () => ({ Component: (await import('@features/schemes')).SchemesPage }) },
            { path: 'schemes/:scheme', lazy: async () => ({ Component: (await import('@features/schemes')).SchemePage }) },
            { path: 'schemes/:scheme/proof', lazy: async () => ({ Component: (await import('@features/schemes')).ProofPage }) },
            { path: 'jobs', lazy: async () => ({ Component: (await import('@features/jobs')).JobsPage }) },
            {
                path: 'jobs/:job',
                loader: ({ params }) => {
                    const job = Number(params['job']);
                    early(client, jobOptions(job));
                    early(client, gridOptions(job));
                    return null;
                },
                lazy: async () => ({ Component: (await import('@features/jobs')).JobPage }),
            },
            { path: 'jobs/:job/own/:tier', lazy: async () => ({ Component: (await import('@features/jobs')).OwnListPage }) },
            { path: 'jobs/:job/plan', lazy: async () => ({ Component: (await import('@features/plan')).PlanPage }) },
            { path: 'jobs/:job/painters', lazy: async () => ({ Component: (await import('@features/plan')).PaintersPage }) },
            { path: 'jobs/:job/budget', lazy: async () => ({ Component: (await import('@features/budget')).BudgetPage }) },
            { path: 'jobs/:job/quote', lazy: async () => ({ Component: (await import('@features/quotes')).QuotePage }) },
            {
                path: 'jobs/:job/groupings',
                lazy: async () => ({ Component: (await import('@features/groupings')).GroupingsPage }),
            },
            { path: 'jobs/:job/schools', lazy: async () => ({ Component: (await import('@features/jobs')).SchoolsPage }) },
            { path: 'jobs/:job/roster', lazy: async () => ({ Component: (await import('@features/jobs')).RosterPage }) },
            {
                path: 'jobs/:job/bench/:sheet',
                lazy: async () => ({ Component: (await import('@features/bench')).BenchSheetPage }),
            },
            { path: 'jobs/:job/check/:figure', lazy: async () => ({ Component: (await import('@features/checks')).CheckPage }) },
            { path: 'jobs/:job/mend/:figure', lazy: async () => ({ Component: (await import('@features/bench')).MendPage }) },
            { path: 'bench', lazy: async () => ({ Component: (await import('@features/bench')).BenchPage }) },
            { path: 'check', lazy: async () => ({ Component: (await import('@features/checks')).ChecksPage }) },
            { path: 'records', lazy: async () => ({ Component: (await import('@features/records')).RecordsPage }) },
            { path: 'records/:record', lazy: async () => ({ Component: (await import('@features/records')).CertificatePage }) },
            {
                path: 'records/:record/raise',
                lazy: async () => ({ Component: (await import('@features/records')).RaiseRecordPage }),
            },
            { path: 'help/:place?', lazy: async () => ({ Component: (await import('@features/help')).HelpPage }) },
            { path: 'account', lazy: async () => ({ Component: (await import('@features/session')).AccountPage }) },
            { path: 'studio/log', lazy: async () => ({ Component: (await import('@features/studio')).LogPage }) },
            { path: 'studio', lazy: async () => ({ Component: (await import('@features/studio')).StudioPage }) },
            {
                path: 'studio/figure-types/:type',
                lazy: async () => ({ Component: (await import('@features/studio')).FigureTypePage }),
            },
            {
                path: 'jobs/:job/figure-types',
                lazy: async () => ({ Component: (await import('@features/jobs')).JobTypesPage }),
            },
            { path: 'studio/paints', lazy: async () => ({ Component: (await import('@features/paints')).PaintsPage }) },
            { path: '*', lazy: async () => ({ Component: (await import('./NotHere')).NotHere }) },
        ],
    },
]);
