export { directoryCsv, logPlan, planReadings, readingsCsv, sittingBreakers } from './csv.ts';
export { exportText, siteFileOf, type SitePart } from './exportSite.ts';
export { IMPORT_MODES, importSite, meetingOf } from './importSite.ts';
export { packSite } from './packSite.ts';
export { siteFileSchemaText } from './siteFileSchema.ts';
export { wipeSite } from './wipeSite.ts';
