export { dangersIn, type Circumstances, type Danger } from './dangersIn.ts';
