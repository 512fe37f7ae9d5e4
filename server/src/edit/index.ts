export { Edit, newId, refuseStale } from './edit.ts';
export { insertLogged, LOGGED, strikeOf, type LoggedRow } from './entries.ts';
export { redo, remember, stepsOf, undo, wasDone } from './history.ts';
