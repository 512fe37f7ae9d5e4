export * from './RoomPage.tsx';
