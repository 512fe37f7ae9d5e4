export { VisitsPage } from './VisitsPage.tsx';
