import './plates.css';

export { OfferedPlate, Plate } from './Plate';
