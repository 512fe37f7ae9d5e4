export const phylaxon = (title: string) => `${title} · Phylaxon`;
export const cancel = 'Cancel';
export const simulated = 'simulated';
export const loading = 'Loading …';
export const notNoted = 'not noted';
export const noLoad = 'no load';
export const usualLoad = 'usual load';
export const everythingOn = 'everything on';
export const thisWasChangedElsewhereInThe =
  'This was changed elsewhere in the meantime. Your entry is not saved, and the other change is kept.';
export const showTheCurrentVersion = 'Show the current version';
export const keepMyEntryReadyToSave = 'Keep my entry, ready to save';
export const inLabel = (what: string) => `${what} in`;
export const notifyMe = 'Notify me';
export const youWillBeNotified = 'This browser will notify you while this page is open.';
