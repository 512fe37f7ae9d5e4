export { CircuitForm } from './CircuitForm.tsx';
export { ClampedAgainstKnown } from './ClampedAgainstKnown.tsx';
