export { UpkeepPage } from './UpkeepPage.tsx';
