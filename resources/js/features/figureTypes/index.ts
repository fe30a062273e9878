export { figureTypesOptions } from './queries';
