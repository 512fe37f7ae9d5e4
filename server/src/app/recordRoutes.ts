import type { Access } from '../accounts/index.ts';
import { accountRoutes, linkRoutes, visitOwnerRoutes } from '../api/accounts/index.ts';
import { commandRoutes } from '../commands/index.ts';
import { FileReader, UnderWay } from '../files/index.ts';
import { Exporter } from '../transfer/index.ts';
import type { Route } from '../http/index.ts';
import { RecordService } from '../recordService/index.ts';
import {
  backupRoutes,
  directoryRoutes,
  settingsRoutes,
  transferRoutes,
  reportRoutes,
  upkeepRoutes,
} from '../api/records/index.ts';
import { breakerRoutes, panelRoutes, siteRoutes } from '../api/setup/index.ts';
import type { ApiContext } from '../api/shared/index.ts';
import { caseRoutes, outcomeRoutes, handOverRoutes, reviewRoutes } from '../api/diagnosis/index.ts';
import { photoRoutes, panelEntryRoutes, timelineRoutes } from '../api/log/index.ts';
import { visitRoutes } from '../api/visits/index.ts';

/** Every route of the record. */
export function recordRoutes(
  { store, photos, changes, backups }: Pick<ApiContext, 'store' | 'photos' | 'changes' | 'backups'>,
  access: Access,
): Route[] {
  const context: ApiContext = {
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
    ...accountRoutes(access),
    ...linkRoutes(context, access),
    ...visitOwnerRoutes(context, access),
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
