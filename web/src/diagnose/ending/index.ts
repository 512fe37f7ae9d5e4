export * from './Ending.tsx';
export * from './NoteCardPart.tsx';
