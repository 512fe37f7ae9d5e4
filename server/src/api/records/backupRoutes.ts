import { backupState } from '@phylaxon/core/record/settings';
import { z } from 'zod';
import { onRecord } from '../../backups/index.ts';
import { route, type Route } from '../../http/index.ts';
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
    route({
      method: 'get',
      path: '/backups',
      tag: 'record',
      summary: 'The daily copies the server keeps of its record',
      status: 200,
      answer: backupState,
      handle: () => backups?.state() ?? NONE,
    }),
    route({
      method: 'post',
      path: '/backups',
      tag: 'record',
      summary: 'Make today’s copy now, if it is not there yet',
      body: z.strictObject({}),
      isAtOnce: true,
      status: 200,
      answer: backupState,
      handle: async () => {
        await backups?.daily();
        return backups?.state() ?? NONE;
      },
    }),
    route({
      method: 'post',
      path: '/record/check',
      tag: 'record',
      summary: 'Look through the record’s whole file',
      body: z.strictObject({}),
      isAtOnce: true,
      status: 200,
      answer: z.object({ sound: z.boolean(), problems: z.array(z.string()) }),
      handle: check,
    }),
  ];
}
