import { onRecord } from '../../backups/index.ts';
import { implement, type Route } from '../../http/index.ts';
import { oneAtATime } from '../../threads/index.ts';
import type { ApiContext } from '../shared/index.ts';

const NONE = { keep: 0, folder: '', last: null, trouble: null };

/** Between two checks of the whole file others have the disk and the processors. */
const CHECK_REST_MS = 1000;

export function backupRoutes({ store, backups }: ApiContext): Route[] {
  // Each takes a thread and much memory.
  const check = oneAtATime(async () => {
    if (store.file === ':memory:') return { sound: true, problems: [] };
    const problems = await onRecord<string[]>({
      kind: 'check',
      record: store.file,
      how: 'integrity_check',
    });
    if (problems.length > 0) store.tellDamaged();
    return { sound: problems.length === 0, problems: problems.slice(0, 50) };
  }, CHECK_REST_MS);
  return [
    implement('GET /backups', {
      handle: () => backups?.state() ?? NONE,
    }),
    implement('POST /backups', {
      isAtOnce: true,
      handle: async () => {
        await backups?.daily();
        return backups?.state() ?? NONE;
      },
    }),
    implement('POST /record/check', {
      isAtOnce: true,
      handle: check,
    }),
  ];
}
