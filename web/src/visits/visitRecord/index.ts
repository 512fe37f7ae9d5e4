export * from './FigureForm.tsx';
export * from './PdfLink.tsx';
export * from './StepScreen.tsx';
export * from './TakeVisitBack.tsx';
export * from './placeOf.ts';
export * from './useOnce.ts';
export * from './useVisit.ts';
