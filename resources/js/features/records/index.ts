export { CertificatePage } from './CertificatePage';
export { RecordsPage } from './RecordsPage';
