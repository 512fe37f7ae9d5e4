export * from './Button.tsx';
export * from './classes.ts';
export * from './fields.tsx';
export * from './formErrors.ts';
export * from './Notice.tsx';
export * from './units.ts';
export * from './breakerWords.ts';
export * from './familyWords.ts';
