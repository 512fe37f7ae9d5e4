export { Edit, newRowId, refuseStale } from './edit.ts';
export { insertLogged, LOGGED, strikeOf, type LoggedRow } from './entries.ts';
export { editToStep, newestEditAt, redo, remember, STEP_KEPT, undoRedoOf, undo, wasDone } from './history.ts';
