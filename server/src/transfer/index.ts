export { directoryCsv, logPlan, planReadings, readingsCsv } from './csv.ts';
export { exportText, siteFileOf } from './exportSite.ts';
export { IMPORT_MODES, importSite, meetingOf } from './importSite.ts';
export { readSiteFile } from './readSiteFile.ts';
export { siteFileSchemaText } from './siteFileSchema.ts';
export { wipeSite } from './wipeSite.ts';
export { packSite } from './zip.ts';
