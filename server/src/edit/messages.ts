export const sendTheVersionThisChangeIs = 'Send the version this change is based on.';
export const wasChangedOnAnotherDeviceThe = (what: string) =>
  `${what} was changed on another device. The current version is shown. Check it, then save your change again if it still applies.`;
export const anotherChangeHasThisIdGive = 'Another change has this id. Give each change its own id.';
export const aVisitStepStaysOnRecord =
  'A visit step stays on record. If it was entered by mistake, the next step says so.';
export const somethingWasChangedOnAnother = (what: string) =>
  `Something was changed on another device. Check it, then ${what} again.`;
export const undone = (rowLabel: string) => `Undone: ${rowLabel}`;
export const redone = (rowLabel: string) => `Redone: ${rowLabel}`;
