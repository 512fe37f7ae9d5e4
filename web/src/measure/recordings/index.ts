export { RecordingsPage } from './RecordingsPage.tsx';
export { RecordingPage } from './RecordingPage.tsx';
