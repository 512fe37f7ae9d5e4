import { commandRoutes } from '../commands/index.ts';
import { FileReader, UnderWay } from '../files/index.ts';
import { Exporter } from '../transfer/index.ts';
import type { Route } from '../http/index.ts';
import { RecordService } from '../recordService/index.ts';
import { backupRoutes } from './backupRoutes.ts';
import { breakerRoutes } from './breakerRoutes.ts';
import type { Context } from './context.ts';
import { caseRoutes } from './caseRoutes.ts';
import { outcomeRoutes } from './outcomeRoutes.ts';
import { directoryRoutes } from './directoryRoutes.ts';
import { handOverRoutes } from './handOverRoutes.ts';
import { photoRoutes } from './photoRoutes.ts';
import { panelEntryRoutes } from './panelEntryRoutes.ts';
import { panelRoutes } from './panelRoutes.ts';
import { reviewRoutes } from './reviewRoutes.ts';
import { settingsRoutes } from './settingsRoutes.ts';
import { siteRoutes } from './siteRoutes.ts';
import { timelineRoutes } from './timelineRoutes.ts';
import { transferRoutes } from './transferRoutes.ts';
import { reportRoutes } from './reportRoutes.ts';
import { upkeepRoutes } from './upkeepRoutes.ts';
import { visitRoutes } from './visitRoutes.ts';

/** Every route of the record. */
export function recordRoutes({
  store,
  photos,
  changes,
  backups,
}: Pick<Context, 'store' | 'photos' | 'changes' | 'backups'>): Route[] {
  const context: Context = {
    store,
    photos,
    changes,
    backups,
    record: new RecordService(store, changes),
    files: new FileReader(),
    underWay: new UnderWay(),
    exporter: new Exporter(store, photos.folder),
  };
  return [
    ...siteRoutes(context),
    ...panelRoutes(context),
    ...panelEntryRoutes(context),
    ...reviewRoutes(context),
    ...visitRoutes(context),
    ...directoryRoutes(context),
    ...upkeepRoutes(context),
    ...reportRoutes(context),
    ...breakerRoutes(context),
    ...commandRoutes(context),
    ...photoRoutes(context),
    ...caseRoutes(context),
    ...outcomeRoutes(context),
    ...handOverRoutes(context),
    ...timelineRoutes(context),
    ...transferRoutes(context),
    ...settingsRoutes(context),
    ...backupRoutes(context),
  ];
}
