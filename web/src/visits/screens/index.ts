export { ReportTrouble } from './ReportTrouble.tsx';
export { StepsScreen } from './StepsScreen.tsx';
