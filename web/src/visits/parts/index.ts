export { PartsScreen } from './PartsScreen.tsx';
