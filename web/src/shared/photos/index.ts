export { PhotoForm } from './PhotoForm.tsx';
