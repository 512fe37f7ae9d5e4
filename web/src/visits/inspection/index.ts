export { StationForm, type InspectionAt, type StationEnd } from './StationForm.tsx';
