import './budget.css';

export { BudgetPage } from './BudgetPage';
