import './records.css';

export { CertificatePage } from './CertificatePage';
export { RaiseRecordPage } from './RaiseRecordPage';
export { RecordsPage } from './RecordsPage';
