export { sweepTemporaryFolders, temporaryFolder } from './temporaryFolders.ts';
export { TooManyFiles, UnderWay } from './underWay.ts';
export { TooLarge, UPLOADS, type UploadedFile, withUpload } from './uploads.ts';
