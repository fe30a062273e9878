import './today.css';

export { TodayPage } from './TodayPage';
