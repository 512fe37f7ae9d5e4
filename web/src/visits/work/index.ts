export { EndScreen } from './EndScreen.tsx';
export { NextStep } from './NextStep.tsx';
