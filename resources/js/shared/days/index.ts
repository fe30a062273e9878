export { DateField } from './DateField';
export { today } from './days';
