export { StudioPage } from './StudioPage';
