export * from './BeforeAndAfter.tsx';
export * from './DeadFirst.tsx';
export * from './KeepProposal.tsx';
export * from './Steps.tsx';
export * from './asProposed.ts';
export * from './handsOff.ts';
export * from './usePlanned.ts';
