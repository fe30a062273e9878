import './bench.css';

export { BenchPage } from './BenchPage';
export { BenchSheetPage } from './BenchSheetPage';
export { MendPage } from './MendPage';
