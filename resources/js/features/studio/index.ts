import './studio.css';

export { LogPage } from './LogPage';
export { FigureTypePage } from './FigureTypePage';
export { StudioPage } from './StudioPage';
