import { z } from 'zod';
import type { ConfirmedEnd } from '../causes/index.ts';
import { DECISION_ACTIONS, DECISION_FAMILIES, type Decision } from '../decision/index.ts';
import { CASE_OUTCOMES, confirmation, id, instant, type TroubleCase } from '../../record/entities/index.ts';
import { CAUSE_IDS, COMPLAINTS } from '../../facts/vocabulary/index.ts';

const cause = z.enum(CAUSE_IDS);

/** A case that was closed, with the decision as it stood. */
export interface ClosedCase extends Pick<
  TroubleCase,
  'id' | 'siteId' | 'complaint' | 'outcome' | 'confirmed' | 'closedAt'
> {
  /** The circuit it was about; where that is not known any more, the words it was told in, or the panel. */
  where: string;
  site: string;
  decision: Pick<Decision, 'action' | 'family' | 'headline' | 'confidence' | 'causes'> | null;
  /** Worked with the simulated stand-in: it tells nothing of any house. */
  simulated: boolean;
  known: ConfirmedEnd['known'];
  family: string | null;
}

/** How a decision turned out, held against what it was: right, wrong, or nothing had been decided yet. */
export const OUTCOME_JUDGMENTS = ['right', 'wrong', 'left-open'] as const;
export type OutcomeJudgment = (typeof OUTCOME_JUDGMENTS)[number];

const share = z.object({
  right: z.int(),
  of: z.int().describe('confirmed cases with a decision'),
  from: z.number().describe('lower end of the 95% interval of the true rate'),
  to: z.number(),
});

/** How the decisions of closed cases turned out. */
export const outcomes = z.object({
  closed: z.int(),
  confirmed: z.int(),
  simulated: z.int().describe('closed cases with simulated answers; not counted anywhere else'),
  leftOpen: z.int().describe('confirmed cases that were handed over or closed before a decision'),
  decided: share.nullable().describe('null without a confirmed case that has a decision'),
  saidSure: z.number().nullable().describe('mean certainty of those decisions'),
  byFamily: z.array(z.object({ family: z.enum(DECISION_FAMILIES), ...share.shape })),
  byCause: z.array(
    z.object({
      cause,
      confirmed: z.int(),
      named: z.int().describe('cases in which it was the likeliest cause'),
    }),
  ),
  teaching: z
    .object({
      cases: z.int().describe('confirmed cases at all sites, each counted once'),
      tableCases: z.int().describe('number of cases the table counts as'),
      ownFrom: z.int().describe('a breaker type or family gets its own figures from this number of cases'),
      moved: z.array(
        z.object({
          cause,
          tablePercent: z.number().describe('share of this cause in the table, percent'),
          nowPercent: z.number().describe('share of this cause for any breaker, with confirmed cases'),
        }),
      ),
    })
    .describe('what confirmed cases change, here and at all other sites'),
  cases: z.array(
    z.object({
      id,
      siteId: id,
      site: z.string(),
      where: z.string(),
      complaint: z.enum(COMPLAINTS),
      closedAt: instant,
      outcome: z.enum(CASE_OUTCOMES).nullable(),
      action: z.enum(DECISION_ACTIONS).nullable(),
      headline: z.string(),
      confirmed: confirmation.nullable(),
      judgement: z.enum(OUTCOME_JUDGMENTS).nullable(),
    }),
  ),
});
export type Outcomes = z.infer<typeof outcomes>;
