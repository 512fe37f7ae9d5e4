export { BeforeAndAfter } from './BeforeAndAfter.tsx';
export { DeadFirst } from './DeadFirst.tsx';
export { KeepProposal } from './KeepProposal.tsx';
export { WorkSteps } from './WorkSteps.tsx';
export { handsOff } from './handsOff.ts';
export { useMoveLayer } from './useMoveLayer.ts';
export { usePlanned } from './usePlanned.ts';
