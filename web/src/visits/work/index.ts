export * from './EndScreen.tsx';
export * from './NextStep.tsx';
