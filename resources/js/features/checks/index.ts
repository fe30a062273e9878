import './checks.css';

export { CheckPage } from './CheckPage';
export { ChecksPage } from './ChecksPage';
export { faultName } from './flaws';
