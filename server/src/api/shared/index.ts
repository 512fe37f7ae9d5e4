export { address } from './addressShape.ts';
export type { ApiContext } from './context.ts';
export { fileName } from './fileName.ts';
export { pdfRoute } from './pdfRoute.ts';
export { byId, inZone, nothing } from './shapes.ts';
export { fileWork } from './fileWork.ts';
