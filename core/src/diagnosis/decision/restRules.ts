import { sayRise } from '../../facts/quantities/index.ts';
import { itemOf, outcomeOf, type Evidence } from '../evidence/index.ts';
import type { TestId } from '../../facts/vocabulary/index.ts';
import { because, doNext, notDone, reason, type RuleDecision } from './ruleDecision.ts';
import { heldSince, lastTrip, warmth } from './facts.ts';
import { byItsRecord } from './byItsRecord.ts';

/** Looks that say it carries nothing, or stands tripped. */
const DEAD: Partial<Record<TestId, readonly string[]>> = {
  'power-loss-extent': [
    'part-of-one-circuit',
    'one-circuit',
    'several-circuits',
    'half-the-house',
    'whole-house',
  ],
  'handle-finger-test': ['gives'],
  'power-after-reset': ['still-dead'],
};

/** When it was last told to be dead, or found tripped; '' if never. */
const lastToldDead = ({ items }: Evidence): string =>
  items.find(({ test, outcome }) => DEAD[test]?.includes(outcome))?.at ?? '';

/**
 * Measured and found sound on at least two counts, and no trip left unexplained. What was measured before somebody
 * found it dead says nothing against that.
 */
export function soundAsMeasured(evidence: Evidence): RuleDecision | null {
  // Whoever comes with a trip is told what to watch.
  if (evidence.complaint === 'trips') return null;
  const trip = lastTrip(evidence);
  if (evidence.handle !== 'on' || (trip && heldSince(evidence) < trip.event.at)) return null;
  const voltage = (['load-terminal-voltage', 'outlet-voltage'] as const).find(
    (test) => outcomeOf(evidence, test) === 'normal',
  );
  const load = (['clamp-current', 'load-share'] as const).find((test) => {
    const outcome = outcomeOf(evidence, test);
    return evidence.load?.by !== 'nameplates' && (outcome === 'under-80' || outcome === '80-to-100');
  });
  const cool = warmth(evidence) === 'cool';
  const record = evidence.estimate?.rating.judgement === 'sound';
  const counts = [voltage, load, cool, record].filter(Boolean).length;
  const dead = lastToldDead(evidence);
  if (counts < 2 || (dead !== '' && (!voltage || itemOf(evidence, voltage)!.at < dead))) return null;
  const heat: TestId[] = ['terminal-temperature', 'face-temperature', 'panel-touch'];
  return {
    action: 'keep',
    confidence: counts >= 3 ? 0.9 : 0.78,
    reasons: [
      voltage ? because(evidence, voltage, 2) : null,
      load ? because(evidence, load, 2) : null,
      ...heat.map((test) => because(evidence, test, 2)),
      cool && heat.every((test) => !itemOf(evidence, test))
        ? reason('cool', 2, 'Its rise is small for the load it carries.')
        : null,
      record ? byItsRecord(evidence, 2) : null,
      because(evidence, 'conductor-vs-breaker', 1),
    ],
    overturnedBy: ['A trip.', `More than ${sayRise(3)} over similar breakers.`, 'A load above its rating.'],
    next: notDone(evidence, [
      doNext('face-temperature', 'Heat shows a failing joint before anything else does.'),
    ]),
    cautions: [],
  };
}

/** A surge unit protects until its lamp goes dark; it feeds no circuit whose load could be measured. */
export function surgeProtector(evidence: Evidence): RuleDecision | null {
  if (evidence.breaker.kind !== 'surge') return null;
  return {
    action: 'gather-more',
    headline: 'Look at its lamp: dark means it no longer protects',
    confidence: 0.5,
    reasons: [
      reason(
        'surge-unit',
        1,
        'A surge protector wears with every surge it takes; its lamp is all that shows it.',
      ),
    ],
    overturnedBy: ['A dark lamp: then an electrician replaces it with one listed for this panel.'],
    next: notDone(evidence, [doNext('panel-touch', 'A failing one gets warm.')]),
    cautions: [],
  };
}

const FIRST_LOOKS: [TestId, string][] = [
  ['sound', 'Sizzling means stop: listen before you touch.'],
  ['smell', 'Hot plastic means stop.'],
  ['handle-finger-test', 'A tripped one may look on.'],
  ['outlet-voltage', 'It shows whether anything comes out, cover closed.'],
  ['load-share', 'It shows what the breaker feels.'],
  ['face-temperature', 'Heat shows a failing joint before anything else does.'],
  ['conductor-vs-breaker', 'The breaker must suit its conductor.'],
];

/** Nothing decides yet: what to look at first. */
export function nothingToGoBy(evidence: Evidence): RuleDecision {
  const next = notDone(
    evidence,
    FIRST_LOOKS.map(([test, why]) => doNext(test, why)),
  );
  const known = evidence.items.filter((item) => item.test !== 'handle-position').slice(0, 3);
  return {
    action: 'gather-more',
    headline:
      known.length === 0 ? 'Nothing to go by yet: look and measure' : 'Not enough yet: measure this next',
    confidence: 0.5,
    reasons:
      known.length === 0
        ? [reason('nothing-logged', 1, 'Nothing is logged that tells a good breaker from a bad one.')]
        : known.map((item) => because(evidence, item.test, 1)),
    overturnedBy: ['Any of the readings below.'],
    next:
      next.length > 0 ? next : [doNext('terminal-temperature', 'Heat under load is the surest sign left.')],
    cautions: [],
  };
}
