export const cannotBeCreatedBecauseIts =
  'cannot be created because its folder cannot be created. Set PHYLAXON_DB to another path.';
export const isAFolderSetPhylaxonDb = 'is a folder. Set PHYLAXON_DB to a file.';
export const isNotAnOrdinaryFileSet = 'is not an ordinary file. Set PHYLAXON_DB to another file.';
export const isNotAPhylaxonDatabaseSet = 'is not a Phylaxon database. Set PHYLAXON_DB to another file.';
export const isReadOnlyMakeItWritable = 'is read-only. Make it writable, or set PHYLAXON_DB to another file.';
export const belongsToAnotherProgramSet = 'belongs to another program. Set PHYLAXON_DB to another file.';
export const wasWrittenByANewerVersion =
  'was written by a newer version of Phylaxon. Update Phylaxon, or restore an older backup.';
export const isDamagedRestoreTheLastGood =
  'is damaged. Restore the last good backup (npm run restore -- COPY.zip). The damaged file is kept.';
export const isLockedByAnotherProgramClose =
  'is locked by another program. Close that program, or set PHYLAXON_DB to another file.';
export const rowsReferToRowsThatDo = (orphansCount: number) =>
  `${orphansCount} rows refer to rows that do not exist`;
export const isAlreadyOpenInAnotherPhylaxon = (file: string) =>
  `${file} is already open in another Phylaxon. Stop that one, or set PHYLAXON_DB to another file.`;
export const notEnoughDiskSpaceForA = (file: string, needed: number, target: string) =>
  `Not enough disk space for a copy of ${file}: ${needed} MB needed in ${target}.`;
export const theDiskIsFullNothingWas =
  'The disk is full. Nothing was saved. Free some space, then try again.';
export const anotherProgramHasLockedThe =
  'Another program has locked the database. Nothing was saved. Close that program, or try again in a moment.';
export const theDatabaseIsReadOnlyHere =
  'The database is read-only here. Nothing was saved. Make its file and folder writable.';
export const theDatabaseIsDamagedNothingWas =
  'The database is damaged. Nothing was saved. Stop Phylaxon and restore the last good backup (npm run restore).';
export const theDatabaseIsNotAvailable =
  'The database is not available. Nothing was saved. Check its disk, then try again.';
