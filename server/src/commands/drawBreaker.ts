import { atPlace } from '@phylaxon/core/panel/layout';
import * as commands from '@phylaxon/core/commands';
import { breaker } from '@phylaxon/core/record/entities';
import { breakerDetail } from '@phylaxon/core/views/board';
import {
  breakerOf,
  breakerRow,
  changeBreaker,
  fitBreaker,
  moveBreaker,
  removeBreaker,
  replaceBreaker,
  setCircuit,
  tieBreakers,
} from '../record/index.ts';
import type { BreakerRow } from '../store/index.ts';
import { detailView } from '../views/index.ts';
import { serve, type ServedCommand } from './serve.ts';

const worked = (row: BreakerRow) => ({ where: atPlace(row), result: breakerOf(row) });
const answer = breaker;

export const serveBreakers: readonly ServedCommand[] = [
  serve(commands.addBreakerCommand, {
    status: 201,
    answer,
    run: async (edit, { params, body }) => worked(await fitBreaker(edit, params.id, body)),
  }),
  serve(commands.changeBreakerCommand, {
    answer,
    run: async (edit, { params, body }) => worked(await changeBreaker(edit, params.id, body)),
    after: async (manager, { params }) => breakerOf(await breakerRow(manager, params.id)),
  }),
  serve(commands.removeBreakerCommand, {
    answer,
    run: async (edit, { params }) => worked(await removeBreaker(edit, params.id)),
  }),
  serve(commands.moveBreakerCommand, {
    answer,
    run: async (edit, { params, body }) => worked(await moveBreaker(edit, params.id, body)),
  }),
  serve(commands.tieBreakersCommand, {
    answer,
    run: async (edit, { params, body }) =>
      worked(await tieBreakers(edit, params.id, body.with, body.version)),
  }),
  serve(commands.replaceBreakerCommand, {
    status: 201,
    answer,
    run: async (edit, { params, body }) => worked(await replaceBreaker(edit, params.id, body)),
  }),
  serve(commands.setCircuitCommand, {
    answer: breakerDetail,
    run: async (edit, { params, body }) => {
      await setCircuit(edit, params.id, body);
      return { result: null };
    },
    after: (manager, { params }) => detailView(manager, params.id),
  }),
];
