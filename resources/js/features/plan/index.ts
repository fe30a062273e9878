import './plan.css';

export { HoursSection } from './components/HoursSection';
export { Load } from './components/Load';
export { PlanPage } from './PlanPage';
