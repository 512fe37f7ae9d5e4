import { implement, type Route } from '../../http/index.ts';
import type { ApiContext } from '../shared/index.ts';
import { detailView } from '../../views/index.ts';

export function breakerRoutes({ record }: ApiContext): Route[] {
  return [
    implement('GET /breakers/:id', {
      handle: ({ params }) => record.read((manager) => detailView(manager, params.id)),
    }),
  ];
}
