import './groupings.css';

export { GroupingsPage } from './GroupingsPage';
