export { BackupKeeper, backupsToKeep, onRecord } from './keeper.ts';
export { restoreBackup, takeWaiting, type Restored } from './restore.ts';
export { writeBackup, type Backup } from './writeBackup.ts';
