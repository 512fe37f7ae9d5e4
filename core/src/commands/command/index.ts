export { type Command, type OutputOf, type ShownBreaker, command } from './command.ts';
export { asKept, withLogged, withStruck } from './inCase.ts';
export { byId, mayMeasureAt, mayTest } from './permission.ts';
