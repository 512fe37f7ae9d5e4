export { ScanPage } from './ScanPage.tsx';
