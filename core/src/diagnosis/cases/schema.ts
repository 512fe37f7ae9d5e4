import { z } from 'zod';
import { learned } from '../causes/index.ts';
import { decision } from '../decision/index.ts';
import {
  breaker,
  circuit,
  curve,
  event,
  id,
  instant,
  observation,
  panel,
  reading,
  site,
  troubleCase,
} from '../../record/entities/index.ts';
import { policies } from '../../record/settings/index.ts';

const breakerFile = z.object({
  breaker,
  circuit: circuit.nullable(),
  entries: z.object({
    readings: z.array(reading),
    events: z.array(event),
    observations: z.array(observation),
  }),
  since: instant.nullish(),
});

/** What a decision about one breaker may look at, as it is sent. */
const dossier = z.object({
  panel: panel.pick({ id: true, name: true, family: true, alsoListed: true }),
  policies,
  subject: breakerFile,
  main: breakerFile.nullable(),
  others: z.array(breakerFile),
  curves: z.array(curve.pick({ family: true, points: true })),
  learned: learned.nullable(),
});

/** One thing that was found out in a case, struck or standing. */
export const caseEntry = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('readings'), breakerId: id, entry: reading }),
  z.object({ kind: z.literal('events'), breakerId: id, entry: event }),
  z.object({ kind: z.literal('observations'), breakerId: id, entry: observation }),
]);
export type CaseEntry = z.infer<typeof caseEntry>;

/** A case with everything it stands on. */
export const caseRecord = z.object({
  case: troubleCase,
  site,
  panel: panel.nullable(),
  policies,
  learned: learned
    .nullable()
    .describe('results of confirmed cases for any breaker, while this breaker is not known'),
  dossier: dossier.nullable().describe('null while the breaker is not known'),
  main: breakerFile
    .nullable()
    .describe('the panel’s main, while the breaker is not known: a hazard there affects every circuit'),
  others: z
    .array(breakerFile)
    .default([])
    .describe('breakers with a finding that affects the whole panel, while the breaker is not known'),
  partGone: z.boolean().describe('true if the breaker has been removed since'),
  log: z.array(caseEntry).describe('findings of the case, oldest first, for all breakers'),
  decision: decision.nullable().describe('for a closed case: as of the day it was closed'),
});
export type CaseRecord = z.infer<typeof caseRecord>;

/** A case in a list. */
export const caseSummary = z.object({
  case: troubleCase.pick({
    id: true,
    siteId: true,
    panelId: true,
    breakerId: true,
    complaint: true,
    words: true,
    openedAt: true,
    openedBy: true,
    closedAt: true,
    outcome: true,
  }),
  where: z.string().describe('circuit or panel, as far as known'),
  found: z.int().describe('number of findings'),
});
export type CaseSummary = z.infer<typeof caseSummary>;
