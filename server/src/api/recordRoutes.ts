import { Changes } from '../changes/index.ts';
import type { Route } from '../http/index.ts';
import type { Store } from '../store/index.ts';
import { DecidingRecord } from '../verdict/index.ts';
import { breakerRoutes } from './breakerRoutes.ts';
import { panelRoutes } from './panelRoutes.ts';
import { siteRoutes } from './siteRoutes.ts';
import { strikeRoutes } from './strikeRoutes.ts';

/** Every route of the record. */
export function recordRoutes(store: Store): Route[] {
  const changes = new Changes();
  const record = new DecidingRecord(store, changes);
  return [
    ...siteRoutes(store),
    ...panelRoutes(record, changes),
    ...breakerRoutes(record),
    ...strikeRoutes(record),
  ];
}
