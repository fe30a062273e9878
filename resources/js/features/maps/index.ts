import './maps.css';

export { FigureSide, type Mark } from './components/FigureSide';
export { Where } from './components/Where';
export { outlinesOptions } from './queries';
