export * from './TwoWiresPage.tsx';
