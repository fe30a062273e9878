export { figureTypesOptions, gridOptions, jobKeys, jobOptions, peopleOptions } from './queries';
export { JobPage } from './JobPage';
export { JobsPage } from './JobsPage';
export { RosterPage } from './RosterPage';
