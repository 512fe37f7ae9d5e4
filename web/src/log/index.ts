export { Log } from './Log.tsx';
export { destinationOf, type LogTab } from './destinations.ts';
