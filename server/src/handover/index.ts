export { takeHandOver, writeCard, writeHandOver } from './handOver.ts';
export { handOverPdf } from './handOverPdf.ts';
