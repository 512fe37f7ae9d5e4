export { Changes, type Told } from './changes.ts';
