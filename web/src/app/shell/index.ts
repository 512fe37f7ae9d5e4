export { router } from './router.tsx';
