import './studio.css';

export { LogPage } from './LogPage';
export { StudioPage } from './StudioPage';
