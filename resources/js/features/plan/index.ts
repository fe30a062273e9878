import './plan.css';

export { HoursSection } from './components/HoursSection';
export { Load } from './components/Load';
export { PaintersPage } from './PaintersPage';
export { PlanPage } from './PlanPage';
