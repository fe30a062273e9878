import './schemes.css';

export { ProofPage } from './ProofPage';
export { SchemePage } from './SchemePage';
export { SchemesPage } from './SchemesPage';
