export { CheckPage } from './CheckPage';
export { ChecksPage } from './ChecksPage';
