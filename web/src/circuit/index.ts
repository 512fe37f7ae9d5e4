export { CircuitForm } from './CircuitForm.tsx';
