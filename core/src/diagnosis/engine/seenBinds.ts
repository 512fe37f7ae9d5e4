import type { TestResult } from '../causes/index.ts';
import { ACTIONS, type ActionId, type CauseId, type TestId } from '../../facts/vocabulary/index.ts';
import { ENERGISES, GRAVITY, type RemedialAction } from './losses.ts';
import type { Choice } from './chooseAction.ts';

/** What was seen to be so, whatever tripped it: what it is, what is to be done about it. */
interface Seen {
  test: TestId;
  outcome: string;
  cause: CauseId;
  action: RemedialAction;
  /** Other actions that see to it as well. */
  orBy: readonly RemedialAction[];
  text: string;
  /** It is put right at its time: all else comes before it. */
  minor?: true;
  /** It never is the verdict for having been seen: the chances weigh it, and it is told beside whatever they lead to. */
  beside?: true;
}

/** In the order in which they are acted on: what leaves a hazard energised first. */
const SEEN: readonly Seen[] = [
  {
    test: 'trip-vs-curve',
    outcome: 'too-late-or-never',
    cause: 'stuck-breaker',
    action: 'replace-breaker',
    orBy: ['replace-breaker-and-remake-joint', 'size-down', 'replace-main', 'replace-panel'],
    text: 'It opened far too late, or never did: its circuit is not protected, whatever else is wrong.',
  },
  {
    test: 'conductor-vs-breaker',
    outcome: 'wire-too-small',
    cause: 'oversized-breaker',
    action: 'size-down',
    orBy: ['rewire'],
    text: 'The conductor is too thin for this breaker, which protects the conductor and nothing else.',
  },
  {
    test: 'stab-inspection',
    outcome: 'pitted-or-burnt',
    cause: 'burnt-stab',
    action: 'replace-breaker-and-remake-joint',
    orBy: ['replace-panel'],
    text: 'The joint to the bus is burnt: it heats again under any load.',
  },
  {
    test: 'terminal-inspection',
    outcome: 'discoloured-or-melted',
    cause: 'loose-terminal',
    action: 'replace-breaker-and-remake-joint',
    orBy: ['replace-panel'],
    text: 'The terminal has been cooked: the breaker in it has been too.',
  },
  {
    test: 'terminal-inspection',
    outcome: 'loose',
    cause: 'loose-terminal',
    action: 'remake-joint',
    orBy: ['replace-breaker-and-remake-joint', 'replace-panel'],
    text: 'The terminal is loose: it heats under any load.',
  },
  {
    test: 'neutral-joint-inspection',
    outcome: 'loose-or-burnt',
    cause: 'shared-neutral-open',
    action: 'repair-neutral',
    orBy: ['repair-wiring', 'replace-panel'],
    text: 'The circuit’s neutral is loose or burnt on its bar.',
  },
  {
    test: 'terminal-inspection',
    outcome: 'corroded',
    cause: 'moisture',
    action: 'dry-and-inspect',
    orBy: ['replace-panel'],
    text: 'The terminal is corroded: damp gets at it.',
  },
  {
    test: 'part-match',
    outcome: 'not-listed',
    cause: 'wrong-part',
    action: 'replace-breaker',
    orBy: ['replace-breaker-and-remake-joint', 'size-down', 'replace-main', 'replace-panel'],
    text: 'The breaker is not listed for this panel: how it seats and clamps is nobody’s word.',
  },
  {
    test: 'terminal-inspection',
    outcome: 'two-wires-one-terminal',
    cause: 'shared-terminal',
    action: 'separate-conductors',
    orBy: ['split-circuit'],
    text: 'Two conductors sit under a terminal made for one.',
  },
  {
    test: 'water-signs',
    outcome: 'condensation-or-rust',
    cause: 'moisture',
    action: 'dry-and-inspect',
    orBy: ['replace-panel'],
    text: 'The panel is rusty or sweats: damp gets in, and goes on until its way in is sealed.',
    beside: true,
  },
  {
    test: 'outlet-wiring',
    outcome: 'reversed',
    cause: 'open-wiring',
    action: 'repair-wiring',
    orBy: ['repair-neutral'],
    text: 'Hot and neutral are reversed at the outlet: what is plugged in there stays live when it is switched off.',
    minor: true,
  },
  {
    test: 'outlet-wiring',
    outcome: 'open-ground',
    cause: 'open-wiring',
    action: 'repair-wiring',
    orBy: ['repair-neutral'],
    text: 'The outlet has no ground: a fault in an appliance would make its case live.',
    minor: true,
  },
];

/** What is so beside the leading cause, and what is to be done about it. */
export interface Also {
  cause: CauseId;
  action: RemedialAction;
  text: string;
}

/**
 * What one look alone found is not surer than this. An eye errs seldom, but what it finds here is seldom so: in the
 * study every sixth of such findings was a slip.
 */
const SURE_BY_ONE_LOOK = 0.85;
/** Two things that were seen speak for the same work: sure but for two slips at once. */
const SURE = 0.95;

/**
 * Whether the action rests on one thing that was seen: worth a second look before anything is cut or taken out.
 *
 * @param results the latest outcome of each test
 * @param action what is to be done
 * @returns whether just one look speaks for it
 * @example isByOneLook([{ test: 'conductor-vs-breaker', outcome: 'wire-too-small' }], 'size-down') // true
 */
export const isByOneLook = (results: readonly TestResult[], action: ActionId): boolean =>
  foundIn(results).filter((one) => does(one, action)).length === 1;

const foundIn = (results: readonly TestResult[]): Seen[] =>
  SEEN.filter(({ test, outcome }) =>
    results.some((result) => result.test === test && result.outcome === outcome),
  );

const does = ({ action, orBy }: Seen, chosen: ActionId): boolean =>
  action === chosen || (orBy as readonly string[]).includes(chosen);

/** As sure as eyes can be. */
const asSeen = (results: readonly TestResult[], choice: Choice): Choice =>
  isByOneLook(results, choice.action)
    ? { ...choice, confidence: Math.min(choice.confidence, SURE_BY_ONE_LOOK) }
    : choice;

/**
 * What is seen binds, whatever else tripped it: no likelihood explains it away.
 *
 * @param choice what the chances alone lead to
 * @param leading the likeliest cause
 * @returns the action to act on first, and what is so besides
 */
export function bindSeen(
  results: readonly TestResult[],
  choice: Choice,
  leading: CauseId,
): { choice: Choice; also: Also[] } {
  const found = foundIn(results);
  const also = (chosen: ActionId) =>
    found.filter((one) => !does(one, chosen)).map(({ cause, action, text }) => ({ cause, action, text }));
  const first = found.find(({ beside }) => !beside);
  if (!first || does(first, choice.action) || !yields(choice, leading, first))
    return { choice: asSeen(results, choice), also: also(choice.action) };
  const bound = asSeen(results, { ...choice, action: first.action, confidence: SURE });
  const seenToo = also(first.action);
  // What was seen is told once: the chances may have led to the lesser of two things that were.
  const likely = seenToo.some(({ action }) => action === choice.action)
    ? []
    : whatElse(choice, leading, first);
  return { choice: bound, also: [...seenToo, ...likely] };
}

/** Whether the choice comes after what was seen: it would leave it energised, or is the lesser of two dangers. */
const yields = ({ action }: Choice, leading: CauseId, first: Seen): boolean =>
  action === 'gather-more' || action === 'keep' || (!first.minor && yieldsToGrave(action, leading, first));

const yieldsToGrave = (action: RemedialAction, leading: CauseId, first: Seen): boolean =>
  leading === first.cause ||
  ENERGISES.has(action) ||
  (GRAVITY[first.cause] === 'danger' && GRAVITY[leading] !== 'danger' && action !== 'make-safe-and-call');

/** What the chances led to, beside what binds: never a reset or a larger breaker beside another fault. */
function whatElse({ action }: Choice, leading: CauseId, first: Seen): Also[] {
  if (action === 'gather-more' || action === 'size-up' || ACTIONS[action] === 'reset') return [];
  if (leading === first.cause) return [];
  return [
    { cause: leading, action, text: 'It is likely besides: what was seen does not explain all of it.' },
  ];
}
