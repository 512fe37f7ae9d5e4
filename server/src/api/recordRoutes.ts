import { board, sheet, siteSummary } from '@phylaxon/core/board';
import { directoryInput } from '@phylaxon/core/directory';
import {
  breaker,
  breakerChange,
  breakerInput,
  circuitInput,
  eventInput,
  id,
  observationInput,
  panel,
  panelInput,
  readingInput,
  site,
  siteInput,
  strikeInput,
} from '@phylaxon/core/record';
import type { EntityManager } from 'typeorm';
import { z } from 'zod';
import { route, type Route } from '../http/index.ts';
import {
  addPanel,
  addSite,
  breakerOf,
  breakerOfEntry,
  breakerRow,
  changeBreaker,
  changePanel,
  changeSite,
  fitBreaker,
  fitDirectory,
  logEvent,
  logObservation,
  logReadings,
  removeBreaker,
  setCircuit,
  strike,
  type Strikable,
} from '../record/index.ts';
import type { Store } from '../store/index.ts';
import { redecidePanel } from '../verdict/index.ts';
import { boardView, sheetView, startView } from './views.ts';

const byId = z.object({ id });
const logged = z.object({ ids: z.array(id) });

const readingsInput = z.strictObject({
  readings: z
    .array(readingInput)
    .min(1, 'Give at least one reading.')
    .max(50, 'At most 50 readings at a time.'),
});

/** Routes of the record. Every change decides anew about its panel, in the same transaction. */
export function recordRoutes(store: Store): Route[] {
  const onBreaker = <T>(breakerId: string, work: (manager: EntityManager) => Promise<T>) =>
    store.write(async (manager) => {
      const { panelId } = await breakerRow(manager, breakerId);
      const result = await work(manager);
      await redecidePanel(manager, panelId);
      return result;
    });

  return [
    ...siteRoutes(store),
    ...panelRoutes(store),
    route({
      method: 'get',
      path: '/breakers/:id',
      tag: 'breakers',
      summary: 'Everything about one breaker',
      params: byId,
      status: 200,
      answer: sheet,
      handle: ({ params }) => store.read((manager) => sheetView(manager, params.id)),
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
      handle: async ({ params, body }) =>
        breakerOf(await onBreaker(params.id, (manager) => changeBreaker(manager, params.id, body))),
    }),
    route({
      method: 'delete',
      path: '/breakers/:id',
      tag: 'breakers',
      summary: 'Take a breaker out of its panel; its record stays',
      params: byId,
      status: 200,
      answer: breaker,
      handle: async ({ params }) =>
        breakerOf(await onBreaker(params.id, (manager) => removeBreaker(manager, params.id))),
    }),
    route({
      method: 'put',
      path: '/breakers/:id/circuit',
      tag: 'breakers',
      summary: 'Set a breaker’s circuit with its loads, whole',
      params: byId,
      body: circuitInput,
      status: 200,
      answer: sheet,
      handle: async ({ params, body }) => {
        await onBreaker(params.id, (manager) => setCircuit(manager, params.id, body));
        return store.read((manager) => sheetView(manager, params.id));
      },
    }),
    route({
      method: 'post',
      path: '/breakers/:id/readings',
      tag: 'log',
      summary: 'Log readings taken together: all of them or none',
      params: byId,
      body: readingsInput,
      status: 201,
      answer: logged,
      handle: async ({ params, body }) => {
        const rows = await onBreaker(params.id, (manager) => logReadings(manager, params.id, body.readings));
        return { ids: rows.map((row) => row.id) };
      },
    }),
    route({
      method: 'post',
      path: '/breakers/:id/events',
      tag: 'log',
      summary: 'Log a trip, a reset, or where the handle stands',
      params: byId,
      body: eventInput,
      status: 201,
      answer: logged,
      handle: async ({ params, body }) => ({
        ids: [(await onBreaker(params.id, (manager) => logEvent(manager, params.id, body))).id],
      }),
    }),
    route({
      method: 'post',
      path: '/breakers/:id/observations',
      tag: 'log',
      summary: 'Log what was seen, heard, felt or tested',
      params: byId,
      body: observationInput,
      status: 201,
      answer: logged,
      handle: async ({ params, body }) => ({
        ids: [(await onBreaker(params.id, (manager) => logObservation(manager, params.id, body))).id],
      }),
    }),
    ...strikeRoutes(store),
  ];
}

function siteRoutes(store: Store): Route[] {
  return [
    route({
      method: 'get',
      path: '/sites',
      tag: 'sites',
      summary: 'Every site with its panels and what needs attention',
      status: 200,
      answer: z.object({ sites: z.array(siteSummary) }),
      handle: async () => ({ sites: await store.read(startView) }),
    }),
    route({
      method: 'post',
      path: '/sites',
      tag: 'sites',
      summary: 'Add a site',
      body: siteInput,
      status: 201,
      answer: site,
      handle: ({ body }) => store.write((manager) => addSite(manager, body)),
    }),
    route({
      method: 'put',
      path: '/sites/:id',
      tag: 'sites',
      summary: 'Change a site',
      params: byId,
      body: siteInput,
      status: 200,
      answer: site,
      handle: ({ params, body }) => store.write((manager) => changeSite(manager, params.id, body)),
    }),
  ];
}

function panelRoutes(store: Store): Route[] {
  return [
    route({
      method: 'post',
      path: '/sites/:id/panels',
      tag: 'panels',
      summary: 'Add a panel, with its main',
      params: byId,
      body: panelInput,
      status: 201,
      answer: panel,
      handle: ({ params, body }) =>
        store.write(async (manager) => {
          const row = await addPanel(manager, params.id, body);
          await redecidePanel(manager, row.id);
          return row;
        }),
    }),
    route({
      method: 'get',
      path: '/panels/:id',
      tag: 'panels',
      summary: 'A panel as it hangs, with every breaker’s standing decision',
      params: byId,
      status: 200,
      answer: board,
      handle: ({ params }) => store.read((manager) => boardView(manager, params.id)),
    }),
    route({
      method: 'put',
      path: '/panels/:id',
      tag: 'panels',
      summary: 'Change a panel and its main',
      params: byId,
      body: panelInput,
      status: 200,
      answer: panel,
      handle: ({ params, body }) =>
        store.write(async (manager) => {
          const row = await changePanel(manager, params.id, body);
          await redecidePanel(manager, row.id);
          return row;
        }),
    }),
    route({
      method: 'post',
      path: '/panels/:id/directory',
      tag: 'panels',
      summary: 'Fit the breakers of a typed directory: all of them or none',
      params: byId,
      body: directoryInput,
      status: 201,
      answer: logged,
      handle: ({ params, body }) =>
        store.write(async (manager) => {
          const ids = await fitDirectory(manager, params.id, body.text);
          await redecidePanel(manager, params.id);
          return { ids };
        }),
    }),
    route({
      method: 'post',
      path: '/panels/:id/breakers',
      tag: 'breakers',
      summary: 'Fit a breaker into free spaces',
      params: byId,
      body: breakerInput,
      status: 201,
      answer: breaker,
      handle: async ({ params, body }) =>
        breakerOf(
          await store.write(async (manager) => {
            const row = await fitBreaker(manager, params.id, body);
            await redecidePanel(manager, params.id);
            return row;
          }),
        ),
    }),
  ];
}

const correctionOf = {
  readings: strikeInput.extend({ replacement: readingInput.optional() }),
  events: strikeInput.extend({ replacement: eventInput.optional() }),
  observations: strikeInput.extend({ replacement: observationInput.optional() }),
};

/** Log what stands in a struck row's place. */
const logReplacement = {
  readings: async (manager: EntityManager, breakerId: string, input: z.output<typeof readingInput>) =>
    (await logReadings(manager, breakerId, [input]))[0]!.id,
  events: async (manager: EntityManager, breakerId: string, input: z.output<typeof eventInput>) =>
    (await logEvent(manager, breakerId, input)).id,
  observations: async (manager: EntityManager, breakerId: string, input: z.output<typeof observationInput>) =>
    (await logObservation(manager, breakerId, input)).id,
};

function strikeRoutes(store: Store): Route[] {
  return (Object.keys(correctionOf) as Strikable[]).map((kind) =>
    route({
      method: 'post',
      path: `/${kind}/:id/strike`,
      tag: 'log',
      summary: `Strike one of the ${kind}: it stays on record, no longer counts, and may be replaced`,
      params: byId,
      body: correctionOf[kind],
      status: 200,
      answer: logged,
      handle: ({ params, body }) =>
        store.write(async (manager) => {
          const breakerId = await breakerOfEntry(manager, kind, params.id);
          const { panelId } = await breakerRow(manager, breakerId);
          const log = logReplacement[kind] as (
            m: EntityManager,
            b: string,
            input: unknown,
          ) => Promise<string>;
          const replacedBy = body.replacement ? await log(manager, breakerId, body.replacement) : null;
          await strike(manager, kind, params.id, body.why, replacedBy);
          await redecidePanel(manager, panelId);
          return { ids: replacedBy === null ? [] : [replacedBy] };
        }),
    }),
  );
}
