import { z } from 'zod';
import { INSIDE_POINTS, id } from '../../record/entities/index.ts';
import {
  BEHIND_THE_COVER,
  PROFILE_LEVEL,
  TESTS,
  type Profile,
  type TestId,
} from '../../facts/vocabulary/index.ts';

/** Parameters of a command about one thing. */
export const byId = z.object({ id });

/**
 * Whether this person may have measured there: points behind the cover are for electricians.
 *
 * @param profile who is at work
 * @param points where it was measured
 * @returns why not; `null`: they may
 * @example mayMeasureAt('homeowner', ['outlet']) // null
 */
export const mayMeasureAt = (profile: Profile, points: readonly string[]): string | null =>
  profile === 'homeowner' && points.some((point) => INSIDE_POINTS.includes(point)) ? BEHIND_THE_COVER : null;

/**
 * Whether this person may have done these tests: each test has the level of whoever may do it.
 *
 * @param profile who is at work
 * @param tests their ids
 * @returns why not; `null`: they may
 * @example mayTest('homeowner', ['sound']) // null
 */
export const mayTest = (profile: Profile, tests: readonly TestId[]): string | null =>
  tests.some((test) => TESTS[test].level > PROFILE_LEVEL[profile]) ? BEHIND_THE_COVER : null;
