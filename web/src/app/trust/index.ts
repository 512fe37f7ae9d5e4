export { TrustPage } from './TrustPage.tsx';
