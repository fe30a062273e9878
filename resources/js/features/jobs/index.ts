export { gridOptions, jobKeys, jobOptions } from './queries';
export { JobPage } from './JobPage';
export { JobsPage } from './JobsPage';
export { RosterPage } from './RosterPage';
