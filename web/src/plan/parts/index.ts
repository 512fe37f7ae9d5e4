export * from './PartsPage.tsx';
