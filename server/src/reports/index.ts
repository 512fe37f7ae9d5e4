export * from './panelReviewPdf.ts';
export * from './pictures.ts';
export * from './printedReport.ts';
export * from './reportPage.ts';
export * from './reportPdf.ts';
export * from './visitPdfs.ts';
export * from './directoryPdf.ts';
export * from './upkeepCalendar.ts';
