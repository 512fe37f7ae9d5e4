export { secureListener, type SecureListener } from './secureListener.ts';
