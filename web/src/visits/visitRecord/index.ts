export { FigureForm } from './FigureForm.tsx';
export { PdfLink } from './PdfLink.tsx';
export { ReportTrouble, StepScreen, TellButton } from './StepScreen.tsx';
export { TakeVisitBack } from './TakeVisitBack.tsx';
export { visitPlace } from './visitPlace.ts';
export { VisitWorkProvider, useVisit, useVisitWork } from './useVisit.ts';
