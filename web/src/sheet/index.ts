export { Sheet } from './Sheet.tsx';
