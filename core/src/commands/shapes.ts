import { z } from 'zod';
import { INSIDE_POINTS, id } from '../record/entities/index.ts';
import {
  BEHIND_THE_COVER,
  PROFILE_LEVEL,
  TESTS,
  type Profile,
  type TestId,
} from '../facts/vocabulary/index.ts';

/** Parameters of a command about one thing. */
export const byId = z.object({ id });

/** Why this person may not have measured there; `null`: they may. */
export const mayMeasureAt = (profile: Profile, points: readonly string[]): string | null =>
  profile === 'homeowner' && points.some((point) => INSIDE_POINTS.includes(point)) ? BEHIND_THE_COVER : null;

/** Why this person may not have done these tests; `null`: they may. */
export const mayTest = (profile: Profile, tests: readonly TestId[]): string | null =>
  tests.some((test) => TESTS[test].level > PROFILE_LEVEL[profile]) ? BEHIND_THE_COVER : null;
