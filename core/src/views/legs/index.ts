export * from './legsView.ts';
