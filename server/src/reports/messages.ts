export const circuitDirectory = (title: string) => `Circuit directory: ${title}`;
export const printedTypePtWriteChangesIn = (date: string, points: number, isLegible: string) =>
  `Printed ${date}. Type ${points} pt${isLegible}. Write changes in ink, with the date.`;
export const smallForADarkBasement = ': small for a dark basement';
export const labels = (title: string) => `Labels: ${title}`;
export const none = 'None';
export const noBreakerIsOnRecordIn = 'No breaker is on record in this panel.';
export const notInspectedYet = (kind: string) => `Not inspected yet. ${kind}`;
export const pageOfLocalCodesAndLicensed = (site: string, panelName: string, page: number, pages: number) =>
  `${site}, ${panelName}. Page ${page} of ${pages}. Local codes and licensed practice decide.`;
export const spaces = (
  site: string,
  panelName: string,
  mainAmps: string,
  spaces: number,
  family: string,
  now: string,
  zone: string,
) => `${site} · ${panelName}${mainAmps}, ${spaces} spaces${family}. ${now}, ${zone}.`;
export const mainA = (mainAmps: number) => `, main ${mainAmps} A`;
export const hazardsOnRecord = 'Hazards on record';
export const ifYouWait = 'If you wait';
export const evidenceStillMissing = 'Evidence still missing';
export const findings = 'Findings';
export const ageProductFamilyAndLocation = 'Age, product family and location';
export const main = 'Main';
export const infraredImageOfUpToAmbient = (
  slice: string,
  most: string,
  ambientC: string,
  simulated: string,
) => `Infrared image of ${slice}: up to ${most}, ambient ${ambientC}${simulated}.`;
export const simulated = ', simulated';
export const infraredImageOf = (day: string) => `Infrared image of ${day}`;
export const photoOf = (slice: string) => `Photo of ${slice}`;
export const pageOfLocalCodesAndLicensedPractice = (siteName: string, page: number, pages: number) =>
  `${siteName}. Page ${page} of ${pages}. Local codes and licensed practice decide.`;
export const maintenance = (siteName: string) => `Maintenance: ${siteName}`;
export const phylaxon = 'Phylaxon';
export const limit = (limit: string) => `limit ${limit}`;
export const maintenanceLabel = 'Maintenance';
export const pageOfLocalCodesAndLicensedPracticeDecide = (footer: string, at: number, pages: number) =>
  `${footer} Page ${at} of ${pages}. Local codes and licensed practice decide.`;
export const theTagCannotBePrintedHas = (what: string, join: string) =>
  `The tag cannot be printed: ${what} has characters that do not print (${join}). Change it, then print the tag again.`;
export const doNotOperate = 'DO NOT OPERATE';
export const workOnThisPanelInProgress = 'Work on this panel in progress.';
export const name = (who: string) => `Name   ${who}`;
export const phone = (phone: string) => `Phone  ${phone}`;
export const date = (plannedFor: string) => `Date   ${plannedFor}`;
export const onlyThePersonNamedHereMay = 'Only the person named here may remove this tag.';
export const tag = (panelName: string) => `Tag: ${panelName}`;
export const lockedOutAt = (siteName: string, panelName: string, off: string) =>
  `${siteName}, ${panelName}: locked out at ${off}`;
export const questions = (join: string) => `Questions: ${join}`;
export const planned = 'Planned';
export const inProgress = 'In progress';
export const completedAndTested = 'Completed and tested';
export const endedEarly = 'Ended early';
export const visit = (panelName: string) => `Visit: ${panelName}`;
export const plannedOf = (siteName: string, panelName: string, plannedAt: string, zone: string) =>
  `${siteName} · ${panelName}. Planned ${plannedAt}, ${zone}.`;
export const demoSiteWithSimulatedFigures = 'Demo site with simulated figures. Not a real house.';
export const deEnergizedAt = (off: string, minutes: string) => `De-energized at ${off}. ${minutes}`;
export const plannedOutageMin = (minutes: number) => `Planned outage: ${minutes} min.`;
export const outageMin = (minutes: number) => `Outage: ${minutes} min.`;
export const permit = (permit: string) => `Permit ${permit}.`;
export const theUtilityPullsTheMeter = 'The utility pulls the meter.';
export const plannedTasks = 'Planned tasks';
export const where = 'Where';
export const task = 'Task';
export const results = 'Results';
export const toolsAndParts = 'Tools and parts';
export const stepsAndReadings = 'Steps and readings';
export const when = 'When';
export const value = 'Value';
export const workByDateCustomer =
  'Work by ____________________ Date ______________ Customer ____________________';
