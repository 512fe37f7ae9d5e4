import { later } from '../../shared/ui/index.ts';

export const FigureAnswer = later(async () => (await import('./FigureAnswer.tsx')).default);
export { HandleGuide } from './HandleGuide.tsx';
export { PassRow } from './PassRow.tsx';
export { type AnswerOption, Question, outcomesAsAnswers } from './Question.tsx';
export { StandIn } from './StandIn.tsx';
export { StepFrame } from './StepFrame.tsx';
export const TripAnswer = later(async () => (await import('./TripAnswer.tsx')).default);
export { Unplug } from './Unplug.tsx';
export { asReadings } from './figures.ts';
export { logTrip } from './logTrip.ts';
export { LOOK_WORDS, SPOT_WORDS } from './spotWords.ts';
