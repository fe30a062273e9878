import './standards.css';

export { ComparePage } from './ComparePage';
export { RaisePlan } from './components/RaisePlan';
export { sheetOptions, standardKeys, standardsOptions } from './queries';
export { RaisePage } from './RaisePage';
export { StandardPage } from './StandardPage';
