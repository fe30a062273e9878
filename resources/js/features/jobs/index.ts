import './jobs.css';
import './jobTypes.css';
import './schools.css';

export { gridOptions, jobKeys, jobOptions, peopleOptions } from './queries';
export { useIsTaking, useTaken } from './useTaken';
export { JobTypesPage } from './JobTypesPage';
export { JobPage } from './JobPage';
export { OwnListPage } from './OwnListPage';
export { SchoolsPage } from './SchoolsPage';
export { JobsPage } from './JobsPage';
export { RosterPage } from './RosterPage';
