export { HandOverCardView } from './HandOverCardView.tsx';
