export { Story } from './Story.tsx';
