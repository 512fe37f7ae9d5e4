export const notEnoughDiskSpaceForA = (needed: number) =>
  `Not enough disk space for a backup: ${needed} MB needed.`;
export const thisBackupCannotBeUsedNothing = (why: string) =>
  `This backup cannot be used: ${why}. Nothing was changed.`;
export const itsDatabaseIsDamaged = 'its database is damaged';
export const aPhotoInItIsDamaged = (sha256: string) => `a photo in it is damaged (${sha256}.jpg)`;
export const it = (replace: string) => `it ${replace}`;
export const itsDatabaseIsDamagedOf = (value: string | undefined) => `its database is damaged: ${value}`;
export const thereIsNoFile = (path: string) => `there is no file ${path}`;
export const itIsNotAZipFile = 'it is not a zip file, or it is damaged or cut off';
export const doesNotBelongInABackup = (slice: string) => `“${slice}” does not belong in a backup`;
export const itIsDamagedOrCutOff = 'it is damaged or cut off';
export const itHasNoToImportA = (backuprecord: string) =>
  `it has no “${backuprecord}”. To import a site zip, use the start page`;
export const aServiceVisitIsInProgress =
  'A service visit is in progress in the current record. End the visit first. Nothing was changed.';
export const theBackupFileIsGoneAnother =
  'The backup file is gone: another program removed it. Nothing was changed.';
export const notEnoughDiskSpaceForThis =
  'Not enough disk space for this backup. Nothing was changed. Free some space, then try again.';
export const anotherRestoreIsRunningWaitFor = (room: string) =>
  `Another restore is running (${room}). Wait for it, or remove that folder.`;
export const theServerThatHasTheDatabase =
  'The server that has the database open is not answering. Stop it, then try again.';
export const alreadyExistsNameAnotherFile = (target: string) =>
  `${target} already exists. Name another file.`;
export const thereIsNoDatabaseAt = (recordFile: string) => `There is no database at ${recordFile}.`;
export const isDamagedNoBackupWasMade = (recordFile: string, value: string | undefined) =>
  `${recordFile} is damaged: ${value}. No backup was made.`;
