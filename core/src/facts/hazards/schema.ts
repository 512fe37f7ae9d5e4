import { z } from 'zod';
import { TEST_IDS, type TestId } from '../vocabulary/index.ts';
import type { Hazard } from './hazard.ts';
import { HAZARD_LEVELS, HAZARD_SCOPES } from './hazardTable.ts';

/** A hazard as it is sent and stored. */
export const hazardShape = z.object({
  level: z.enum(HAZARD_LEVELS),
  scope: z.enum(HAZARD_SCOPES).nullable(),
  findings: z.array(
    z.object({
      test: z.enum(TEST_IDS as [TestId, ...TestId[]]),
      outcome: z.string(),
      level: z.enum(HAZARD_LEVELS).exclude(['none']),
      scope: z.enum(HAZARD_SCOPES),
      isCombined: z.boolean().optional(),
      text: z.string(),
    }),
  ),
});
export type HazardShape = z.infer<typeof hazardShape>;

/**
 * A hazard without what only the core needs.
 *
 * @param hazard as `hazardOf` gives it
 * @returns level, scope and findings
 * @example hazardToSend(NO_HAZARD).level // 'none'
 */
export const hazardToSend = ({ level, scope, findings }: Hazard): HazardShape => ({
  level,
  scope,
  findings: findings.map((one) => ({
    test: one.test,
    outcome: one.outcome,
    level: one.level,
    scope: one.scope,
    ...(one.isCombined && { isCombined: true }),
    text: one.text,
  })),
});
