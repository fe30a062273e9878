import './jobs.css';

export { gridOptions, jobKeys, jobOptions, peopleOptions } from './queries';
export { JobPage } from './JobPage';
export { OwnListPage } from './OwnListPage';
export { JobsPage } from './JobsPage';
export { RosterPage } from './RosterPage';
