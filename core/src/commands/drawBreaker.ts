import {
  breakerChange,
  breakerInput,
  breakerMove,
  breakerTie,
  circuitInput,
  replacementInput,
} from '../record/entities/index.ts';
import { command, byId } from './command/index.ts';
import * as messages from './messages.ts';

/** Whether a change was made from what is shown; if not, it is in it already, or somebody else’s is. */
const isMadeFrom = (version: number | undefined, shown: { version: number } | null) =>
  version === undefined || version === (shown?.version ?? 0);

/** What of a change is said. */
const present = <T extends object>(change: T) =>
  Object.fromEntries(Object.entries(change).filter(([, value]) => value !== undefined)) as Partial<T>;

export const addBreakerCommand = command({
  id: 'fit-breaker',
  method: 'post',
  path: '/panels/:id/breakers',
  tag: 'breakers',
  summary: 'Install a breaker in free spaces',
  params: byId,
  body: breakerInput,
  label: ({ ratingAmps }, where) => messages.installedAIn(ratingAmps, where),
});

export const changeBreakerCommand = command({
  id: 'change-breaker',
  method: 'patch',
  path: '/breakers/:id',
  tag: 'breakers',
  summary: 'Edit a breaker that stays in its space',
  params: byId,
  body: breakerChange,
  label: (_body, where) => messages.editedTheBreakerIn(where),
  draw: (shown, { asFound: _asFound, version, ...change }) =>
    isMadeFrom(version, shown.breaker)
      ? { ...shown, breaker: { ...shown.breaker, ...present(change), version: shown.breaker.version + 1 } }
      : shown,
});

export const removeBreakerCommand = command({
  id: 'remove-breaker',
  method: 'delete',
  path: '/breakers/:id',
  tag: 'breakers',
  summary: 'Remove a breaker from its panel; its record is kept',
  params: byId,
  label: (_body, where) => messages.removedTheBreakerIn(where),
});

export const moveBreakerCommand = command({
  id: 'move-breaker',
  method: 'post',
  path: '/breakers/:id/move',
  tag: 'breakers',
  summary: 'Move a breaker to another space in its panel',
  params: byId,
  body: breakerMove,
  label: (_body, where) => messages.movedABreakerTo(where),
});

export const tieBreakersCommand = command({
  id: 'tie-breaker',
  method: 'post',
  path: '/breakers/:id/tie',
  tag: 'breakers',
  summary: 'Add or remove a handle tie with a neighboring breaker',
  params: byId,
  body: breakerTie,
  label: (tie, where) =>
    messages.at(tie.with === null ? messages.removedTheHandleTie : messages.addedAHandleTie, where),
});

export const replaceBreakerCommand = command({
  id: 'replace-breaker',
  method: 'post',
  path: '/breakers/:id/replace',
  tag: 'breakers',
  summary: 'Replace a breaker; the circuit stays with the space, the log stays with the old breaker',
  params: byId,
  body: replacementInput,
  label: (_body, where) => messages.replacedTheBreakerIn(where),
});

export const setCircuitCommand = command({
  id: 'set-circuit',
  method: 'put',
  path: '/breakers/:id/circuit',
  tag: 'breakers',
  summary: 'Replace a breaker’s circuit data and loads',
  params: byId,
  body: circuitInput,
  label: (circuit) => messages.editedTheCircuit(circuit.label),
  draw: (shown, { version, loads, ...circuit }) => ({
    ...shown,
    ...(shown.label !== undefined && { label: circuit.label }),
    ...(shown.circuit !== undefined &&
      isMadeFrom(version, shown.circuit) && {
        circuit: {
          ...circuit,
          id: shown.circuit?.id ?? shown.breaker.id,
          breakerId: shown.breaker.id,
          // The server gives them ids of their own.
          loads: loads.map((load, i) => ({ ...load, id: `${shown.breaker.id} ${i}` })),
          version: (shown.circuit?.version ?? 0) + 1,
        },
      }),
  }),
});
