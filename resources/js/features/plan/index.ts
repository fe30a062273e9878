import './plan.css';

export { HoursSection } from './components/HoursSection';
export { JobAhead } from './components/JobAhead';
export { Load } from './components/Load';
export { PaintersPage } from './PaintersPage';
export { PlanPage } from './PlanPage';
export { WorkAhead } from './components/WeeksBar';
