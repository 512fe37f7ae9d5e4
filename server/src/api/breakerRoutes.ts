import { breakerDetail } from '@phylaxon/core/views/board';
import {
  breaker,
  breakerChange,
  breakerMove,
  breakerTie,
  circuitInput,
  replacementInput,
} from '@phylaxon/core/record/entities';
import { route, type Route } from '../http/index.ts';
import {
  breakerOf,
  changeBreaker,
  moveBreaker,
  removeBreaker,
  replaceBreaker,
  atPlace,
  setCircuit,
  tieBreakers,
} from '../record/index.ts';
import type { Context } from './context.ts';
import { byId } from './shapes.ts';
import { detailView } from './views.ts';

export function breakerRoutes({ record }: Context): Route[] {
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
    route({
      method: 'patch',
      path: '/breakers/:id',
      tag: 'breakers',
      summary: 'Change a breaker that stays in its place',
      params: byId,
      body: breakerChange,
      status: 200,
      answer: breaker,
      handle: ({ params, body }) =>
        record.change(async (edit) => {
          const row = await changeBreaker(edit, params.id, body);
          return { label: `Changed the breaker in ${atPlace(row)}`, result: breakerOf(row) };
        }),
    }),
    route({
      method: 'delete',
      path: '/breakers/:id',
      tag: 'breakers',
      summary: 'Take a breaker out of its panel; its record stays',
      params: byId,
      status: 200,
      answer: breaker,
      handle: ({ params }) =>
        record.change(async (edit) => {
          const row = await removeBreaker(edit, params.id);
          return { label: `Took out the breaker in ${atPlace(row)}`, result: breakerOf(row) };
        }),
    }),
    route({
      method: 'post',
      path: '/breakers/:id/move',
      tag: 'breakers',
      summary: 'Put a breaker into another place of its panel',
      params: byId,
      body: breakerMove,
      status: 200,
      answer: breaker,
      handle: ({ params, body }) =>
        record.change(async (edit) => {
          const row = await moveBreaker(edit, params.id, body);
          return { label: `Moved a breaker to ${atPlace(row)}`, result: breakerOf(row) };
        }),
    }),
    route({
      method: 'post',
      path: '/breakers/:id/tie',
      tag: 'breakers',
      summary: 'Tie its handle to a neighbour’s, or untie it',
      params: byId,
      body: breakerTie,
      status: 200,
      answer: breaker,
      handle: ({ params, body }) =>
        record.change(async (edit) => {
          const row = await tieBreakers(edit, params.id, body.with, body.version);
          const verb = body.with === null ? 'Untied' : 'Tied';
          return { label: `${verb} the handle at ${atPlace(row)}`, result: breakerOf(row) };
        }),
    }),
    route({
      method: 'post',
      path: '/breakers/:id/replace',
      tag: 'breakers',
      summary: 'A new part in its place: the circuit goes with the place, the log stays with the old part',
      params: byId,
      body: replacementInput,
      status: 201,
      answer: breaker,
      handle: ({ params, body }) =>
        record.change(async (edit) => {
          const row = await replaceBreaker(edit, params.id, body);
          return { label: `Replaced the breaker in ${atPlace(row)}`, result: breakerOf(row) };
        }),
    }),
    route({
      method: 'put',
      path: '/breakers/:id/circuit',
      tag: 'breakers',
      summary: 'Set a breaker’s circuit with its loads, whole',
      params: byId,
      body: circuitInput,
      status: 200,
      answer: breakerDetail,
      handle: async ({ params, body }) => {
        await record.change(async (edit) => {
          await setCircuit(edit, params.id, body);
          return { label: `Changed the circuit ${body.label}`, result: null };
        });
        return record.read((manager) => detailView(manager, params.id));
      },
    }),
  ];
}
