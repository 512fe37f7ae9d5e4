export { Changes, type ChangeNotice } from './changes.ts';
