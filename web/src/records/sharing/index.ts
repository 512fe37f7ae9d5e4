export { ShareLink } from './ShareLink.tsx';
