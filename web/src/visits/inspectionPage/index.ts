export { InspectionPage } from './InspectionPage.tsx';
