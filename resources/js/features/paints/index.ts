import './paints.css';

export { MixInput } from './components/MixInput';
export { PaintsPage } from './PaintsPage';
export { paintKeys, paintsOptions } from './queries';
