import './zodWithoutEval.ts';
