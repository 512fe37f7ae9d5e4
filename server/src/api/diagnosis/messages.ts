export const aCaseAsAFileTo = 'A case as a file, to import elsewhere';
export const aCaseOnOnePage = 'A case on one page';
