import { implement, type Route } from '../../http/index.ts';
import { outcomesAt, outcomesEverywhere } from '../../outcomes/index.ts';
import type { ApiContext } from '../shared/index.ts';

export function outcomeRoutes({ record }: ApiContext): Route[] {
  return [
    implement('GET /outcomes', {
      handle: () => record.read(outcomesEverywhere),
    }),
    implement('GET /sites/:id/outcomes', {
      handle: ({ params }) => record.read((manager) => outcomesAt(manager, params.id)),
    }),
  ];
}
