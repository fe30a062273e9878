import './help.css';

export { HelpPage } from './HelpPage';
