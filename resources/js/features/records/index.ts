import './records.css';

export { CertificatePage } from './CertificatePage';
export { RecordsPage } from './RecordsPage';
