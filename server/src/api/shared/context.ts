import type { BackupKeeper } from '../../backups/index.ts';
import type { Changes } from '../../changes/index.ts';
import type { FileReader, UnderWay } from '../../files/index.ts';
import type { Exporter } from '../../transfer/index.ts';
import type { PhotoFolder } from '../../photos/index.ts';
import type { Store } from '../../store/index.ts';
import type { RecordService } from '../../recordService/index.ts';

/** What the routes work with. */
export interface ApiContext {
  store: Store;
  record: RecordService;
  changes: Changes;
  photos: PhotoFolder;
  /** Keeps daily copies; null where there is no file to copy. */
  backups: BackupKeeper | null;
  /** Understands files that are sent. */
  files: FileReader;
  /** Which of them are being worked on. */
  underWay: UnderWay;
  /** Writes what is exported. */
  exporter: Exporter;
}
