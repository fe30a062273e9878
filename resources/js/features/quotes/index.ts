import './quotes.css';

export { OfferPage } from './OfferPage';
export { QuotePage } from './QuotePage';
