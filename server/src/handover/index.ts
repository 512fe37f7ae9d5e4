export { takeHandOver, writeHandOver } from './handOver.ts';
export { handOverPdf } from './handOverPdf.ts';
