export { FigureForm } from './FigureForm.tsx';
export { PdfLink } from './PdfLink.tsx';
export { Report, StepScreen, TellButton } from './StepScreen.tsx';
export { TakeVisitBack } from './TakeVisitBack.tsx';
export { placeOf } from './placeOf.ts';
export { useOnce } from './useOnce.ts';
export { VisitWorkProvider, useVisit, useVisitWork } from './useVisit.ts';
