export { standardKeys, standardsOptions } from './queries';
export { StandardPage } from './StandardPage';
