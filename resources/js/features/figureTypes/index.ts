import './figureTypes.css';

export { QuickType } from './components/QuickType';
export { TypeForm } from './components/TypeForm';
export { draftOf, EMPTY, type TypeDraft } from './draft';
export { figureTypeKeys, figureTypeOptions, figureTypesOptions, mapsOptions } from './queries';
