export { FileReader, GivenUp, type Reading } from './fileReader.ts';
export { plainJpeg } from './jpeg.ts';
export { LIMITS } from './limits.ts';
export { FileRefused } from './refusal.ts';
export type { Task, Understood } from './tasks.ts';
export type { CameAlong, Report } from './understandSite.ts';
export { TooLarge, withUpload, type UploadedFile } from './uploads.ts';
export { TooManyFiles, UnderWay, type FileProgress } from './underWay.ts';
export { entriesOf, openZip, readStream } from './zipEntries.ts';
