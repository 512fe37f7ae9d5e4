import {
  breakerChange,
  breakerInput,
  breakerMove,
  breakerTie,
  circuitInput,
  replacementInput,
} from '../record/entities/index.ts';
import { command, byId } from './command/index.ts';

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
  summary: 'Fit a breaker into free spaces',
  params: byId,
  body: breakerInput,
  label: ({ ratingAmps }, where) => `Fitted ${ratingAmps} A in ${where}`,
});

export const changeBreakerCommand = command({
  id: 'change-breaker',
  method: 'patch',
  path: '/breakers/:id',
  tag: 'breakers',
  summary: 'Change a breaker that stays in its place',
  params: byId,
  body: breakerChange,
  label: (_body, where) => `Changed the breaker in ${where}`,
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
  summary: 'Take a breaker out of its panel; its record stays',
  params: byId,
  label: (_body, where) => `Took out the breaker in ${where}`,
});

export const moveBreakerCommand = command({
  id: 'move-breaker',
  method: 'post',
  path: '/breakers/:id/move',
  tag: 'breakers',
  summary: 'Put a breaker into another place of its panel',
  params: byId,
  body: breakerMove,
  label: (_body, where) => `Moved a breaker to ${where}`,
});

export const tieBreakersCommand = command({
  id: 'tie-breaker',
  method: 'post',
  path: '/breakers/:id/tie',
  tag: 'breakers',
  summary: 'Tie its handle to a neighbor’s, or untie it',
  params: byId,
  body: breakerTie,
  label: (tie, where) => `${tie.with === null ? 'Untied' : 'Tied'} the handle at ${where}`,
});

export const replaceBreakerCommand = command({
  id: 'replace-breaker',
  method: 'post',
  path: '/breakers/:id/replace',
  tag: 'breakers',
  summary: 'A new part in its place: the circuit goes with the place, the log stays with the old part',
  params: byId,
  body: replacementInput,
  label: (_body, where) => `Replaced the breaker in ${where}`,
});

export const setCircuitCommand = command({
  id: 'set-circuit',
  method: 'put',
  path: '/breakers/:id/circuit',
  tag: 'breakers',
  summary: 'Set a breaker’s circuit with its loads, whole',
  params: byId,
  body: circuitInput,
  label: (circuit) => `Changed the circuit ${circuit.label}`,
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
