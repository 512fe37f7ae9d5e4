export { FigureForm } from './FigureForm.tsx';
export { PdfLink } from './PdfLink.tsx';
export { StepScreen, TellButton } from './StepScreen.tsx';
export { TakeVisitBack } from './TakeVisitBack.tsx';
export { visitPlace } from './visitPlace.ts';
export type { Entered } from './useEntered.ts';
export { VisitWorkProvider, useVisit, useVisitWork } from './useVisit.ts';
export { STANDS_WORDS } from './standsWords.ts';
