import './paints.css';

export { dropsInWords } from './drops';
export { MakePaint } from './components/MakePaint';
export { MixInput } from './components/MixInput';
export { left } from './left';
export { PaintsPage } from './PaintsPage';
export { paintKeys, paintsOptions } from './queries';
