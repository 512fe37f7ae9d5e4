import { z } from 'zod';
import {
  BACKUP_PRIORITIES,
  BACKUP_SUPPLIES,
  MOST_BACKUP_LOADS,
  STARTS_BELOW_RUNNING,
  startsAtRunning,
} from '../../code/backup/index.ts';
import { counted, givenId, noRepeatedIds, oneOf, watts } from '../../facts/quantities/index.ts';
import { SOURCE_KINDS } from '../../visit/work/index.ts';
import { id } from '../entities/index.ts';
import { namedInEach, panelEntryKind } from './panelEntryKind.ts';
import * as messages from './messages.ts';

/** How a source is connected: in parallel with the utility on the bus, or instead of it. */
export const SOURCE_CONNECTIONS = ['bus', 'interlock', 'transfer-switch'] as const;
export type SourceConnection = (typeof SOURCE_CONNECTIONS)[number];

const startingWatts = watts.nullable().default(null).describe('for a few seconds, W; null if not known');

const panelSource = z
  .strictObject({
    id: givenId,
    kind: z.enum(SOURCE_KINDS, messages.chooseAKindOfSource),
    connection: z
      .enum(SOURCE_CONNECTIONS, messages.chooseAConnection)
      .describe('bus: in parallel with the utility; the others keep the two apart'),
    breakerId: id.nullable().default(null).describe('its breaker in this panel; null if it has none yet'),
    watts: watts.positive(messages.enterThePowerOfTheSource).describe('continuous, W'),
    startingWatts,
    supply: z.enum(BACKUP_SUPPLIES, messages.chooseAVoltage),
  })
  .refine(startsAtRunning, STARTS_BELOW_RUNNING);
export type PanelSource = z.output<typeof panelSource>;

const essentialCircuit = z
  .strictObject({
    breakerId: id,
    watts: watts.describe('running, W'),
    startingWatts,
    priority: oneOf([...BACKUP_PRIORITIES], messages.chooseAPriority).describe('1 is most important'),
  })
  .refine(startsAtRunning, STARTS_BELOW_RUNNING);

/** Sources besides the utility, and the circuits that a backup is to carry; the latest holds. */
export const otherSources = panelEntryKind({
  name: messages.otherSources,
  fields: z.strictObject({
    feed: z.enum(['end', 'center']).default('end').describe('where the main feeds the bus'),
    sources: z.array(panelSource).max(6, messages.aPanelHasAtMost6Sources).superRefine(noRepeatedIds),
    essential: z
      .array(essentialCircuit)
      .max(MOST_BACKUP_LOADS, messages.chooseAtMostCircuits(MOST_BACKUP_LOADS))
      .refine(
        (list) => new Set(list.map(({ breakerId }) => breakerId)).size === list.length,
        messages.enterEachBreakerOnce,
      )
      .default([]),
  }),
  attachment: null,
  refuses: () => null,
  say: ({ sources, essential }) =>
    messages.sourcesAndEssential(
      counted(sources.length, 'source', 'sources'),
      counted(essential.length, 'circuit', 'circuits'),
    ),
  breakers: ({ sources, essential }) => [
    ...namedInEach('sources', sources),
    ...namedInEach('essential', essential),
  ],
});
export type OtherSources = z.output<typeof otherSources.fields>;
