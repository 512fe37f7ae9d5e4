export * from './ServicePage.tsx';
