import { z } from 'zod';
import { hazardShape, type HazardShape } from '../../facts/hazards/index.ts';
import { oneOf } from '../../facts/quantities/index.ts';
import {
  ACTIONS,
  CAUSE_IDS,
  FAMILIES,
  TESTS,
  type ActionId,
  type TestId,
} from '../../facts/vocabulary/index.ts';

/** What a decision may say: the vocabulary's actions, and that nothing needs doing. */
export const DECISION_ACTIONS = Object.keys(ACTIONS) as [ActionId, ...ActionId[]];
export const DECISION_FAMILIES = FAMILIES;
export type DecisionFamily = (typeof DECISION_FAMILIES)[number];

export const decisionFigure = z.object({
  label: z.string(),
  value: z.number(),
  unit: z.enum(['V', 'A', '°C', 'Δ°C', 's', '%', 'W', 'VA', 'mV']),
  limit: z.number().optional().describe('the value it was compared with, in the same unit'),
});

export const weighedReason = z.object({
  code: z.string(),
  weight: z.int().min(1).max(3).describe('3 main reason, 2 supporting reason, 1 context'),
  text: z.string(),
  figures: z.array(decisionFigure),
  source: z.string().optional().describe('title of the standard that sets the limit'),
});
export type WeighedReason = z.infer<typeof weighedReason>;

export const nextTest = z.object({
  test: z.enum(Object.keys(TESTS) as [TestId, ...TestId[]]),
  name: z.string(),
  how: z.string(),
  why: z.string(),
  level: oneOf([0, 1, 2]),
  energised: z.boolean().describe('true for a measurement on energized parts: qualified persons only'),
});
export type NextTest = z.infer<typeof nextTest>;

/** When a caution counts: before anything else, before a switch is moved, before the panel is opened, where a rating is chosen, always. */
export const CAUTION_MOMENTS = ['first', 'switching', 'panel', 'rating', 'always'] as const;

export const caution = z.object({ when: z.enum(CAUTION_MOMENTS), text: z.string() });
export type Caution = z.infer<typeof caution>;

const NO_HAZARD_SHAPE: HazardShape = { level: 'none', scope: null, findings: [] };

/** The decision about one breaker, with all that a person needs to follow it or to doubt it. */
export const decision = z.object({
  action: z.enum(DECISION_ACTIONS),
  family: z.enum(DECISION_FAMILIES),
  headline: z.string(),
  steps: z.array(z.string()),
  forElectrician: z.boolean().describe('true if the work needs a qualified electrician'),
  toAmps: z.number().nullable().describe('rating to install, if the rating changes'),
  confidence: z.number().min(0).max(1),
  stop: z.object({
    active: z.boolean(),
    reasons: z.array(z.string()),
    doNow: z.array(z.string()),
    call: z.string().nullable(),
    isElsewhere: z.boolean().describe('true for a finding elsewhere in the panel'),
  }),
  hazard: hazardShape.default(NO_HAZARD_SHAPE).describe('severity of the breaker’s own findings'),
  untilRepaired: z
    .object({ use: z.string(), now: z.array(z.string()), waiting: z.string() })
    .nullable()
    .default(null)
    .describe('restrictions from the breaker’s own findings, short of a stop'),
  panelHazard: hazardShape
    .default(NO_HAZARD_SHAPE)
    .describe('findings elsewhere that affect the whole panel'),
  causes: z
    .array(
      z.object({
        id: z.enum(CAUSE_IDS),
        name: z.string(),
        probability: z.number(),
      }),
    )
    .default([])
    .describe('possible causes, most likely first; empty if nothing is wrong'),
  reasons: z.array(weighedReason),
  overturnedBy: z.array(z.string()),
  next: z.array(nextTest),
  cautions: z
    .array(z.union([caution, z.string()]))
    .describe('caution, and when it applies; text alone was saved by an older version'),
  also: z.array(z.object({ action: z.enum(DECISION_ACTIONS), headline: z.string(), text: z.string() })),
});
export type Decision = z.infer<typeof decision>;

/**
 * What to mind at one moment of the work.
 *
 * @param decision made by this version or an older one
 * @param when which moment; an older version did not say, and what it told counts before anything else
 * @returns sentences
 * @example cautionsAt(decision, 'panel') // ['Only with the main off, locked, …']
 */
export const cautionsAt = ({ cautions }: Pick<Decision, 'cautions'>, when: Caution['when']): string[] =>
  cautions.flatMap((one) =>
    typeof one === 'string' ? (when === 'first' ? [one] : []) : one.when === when ? [one.text] : [],
  );

/**
 * The decision's family, from its action.
 *
 * @param action what is to be done
 * @returns reset, resize, replace, keep, another thing’s, or more to be found out
 * @example familyOf('size-down') // 'resize'
 */
export const familyOf = (action: Decision['action']): DecisionFamily => ACTIONS[action];
