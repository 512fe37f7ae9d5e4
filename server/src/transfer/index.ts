export { directoryCsv, logPlan, planReadings, sittingBreakers } from './csv.ts';
export { Exporter, type Exported } from './exporter.ts';
export { siteFileOf, type SitePart } from './exportSite.ts';
export { importSite, meetingOf } from './importSite.ts';
export { siteFileSchemaText } from './siteFileSchema.ts';
export { wipeSite } from './wipeSite.ts';
export type { ExportKind } from './writeExport.ts';
