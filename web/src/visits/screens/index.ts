export { StepsScreen } from './StepsScreen.tsx';
