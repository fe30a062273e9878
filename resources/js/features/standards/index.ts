import './standards.css';

export { ComparePage } from './ComparePage';
export { Plate } from './components/Plate';
export { sheetOptions, standardKeys, standardsOptions } from './queries';
export { RaisePage } from './RaisePage';
export { StandardPage } from './StandardPage';
