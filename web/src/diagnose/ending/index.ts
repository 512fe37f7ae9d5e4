export { Ending } from './Ending.tsx';
export { NoteCardPart } from './NoteCardPart.tsx';
