import { expect } from '@jest/globals';
import type { Board } from '@phylaxon/core/views/board';
import type { callsTo } from './aShed.ts';

/** Undoes or does again what its panel offers next. */
export async function undoOrRedo(
  call: ReturnType<typeof callsTo>['call'],
  { siteId, panelId }: { siteId: string; panelId: string },
  direction: 'undo' | 'redo',
) {
  const { steps } = (await call<Board>('get', `/panels/${panelId}`)).body;
  const { status } = await call('post', `/sites/${siteId}/${direction}`, { edit: steps[direction]!.id });
  expect(status).toBe(200);
}
