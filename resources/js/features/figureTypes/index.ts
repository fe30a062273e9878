import './figureTypes.css';

export { QuickType } from './components/QuickType';
export { figureTypesOptions } from './queries';
