import type { SpotId, TestId } from '../../facts/vocabulary/index.ts';

/** What to do next in a case. */
export type CaseStep =
  | { kind: 'stop' }
  /** Small looks at one spot, all of these together: what is otherwise is said, the rest is one tap. */
  | { kind: 'looks'; spot: SpotId; tests: TestId[] }
  /** Find out which breaker it is, and whether it has tripped. */
  | { kind: 'find' }
  /** Switch it fully off and on, once; with everything unplugged first, or as it is. */
  | { kind: 'reset'; unplugged: boolean }
  /** A trial with only some of its loads connected. */
  | { kind: 'isolate' }
  | { kind: 'ask'; test: TestId }
  /** Nothing is left that this person may do; these would tell more. */
  | { kind: 'electrician'; tests: TestId[] }
  /** The part it is about was taken out: all that is left is to say how it ended. */
  | { kind: 'gone' }
  | { kind: 'decided' };
