export { RoomPage } from './RoomPage.tsx';
