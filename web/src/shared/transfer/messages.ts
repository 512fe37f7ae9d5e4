export const readingTheFile = 'Reading the file';
export const saving = 'Saving';
