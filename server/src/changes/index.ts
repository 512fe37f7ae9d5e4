export { Changes } from './changes.ts';
