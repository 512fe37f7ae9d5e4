import { breakerDetail } from '@phylaxon/core/views/board';
import { route, type Route } from '../../http/index.ts';
import { type ApiContext, byId } from '../shared/index.ts';
import { detailView } from '../../views/index.ts';

export function breakerRoutes({ record }: ApiContext): Route[] {
  return [
    route({
      method: 'get',
      path: '/breakers/:id',
      tag: 'breakers',
      summary: 'One breaker: its circuit, its latest figures, the decision that stands',
      params: byId,
      status: 200,
      answer: breakerDetail,
      handle: ({ params }) => record.read((manager) => detailView(manager, params.id)),
    }),
  ];
}
