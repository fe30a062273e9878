import './maps.css';

export { FigureSide, type Mark, type Place } from './components/FigureSide';
export { Where } from './components/Where';
export { outlinesOptions } from './queries';
