import { describe, expect, test } from '@jest/globals';
import { handOverOf, lookAtCase, type CaseRecord } from '../../diagnosis/cases/index.ts';
import { decide, decideAlone } from '../../diagnosis/decision/index.ts';
import { gatherEvidence } from '../../diagnosis/evidence/index.ts';
import { JOBS, outcomeHazard, type HazardLevel, type HazardScope } from '../../facts/hazards/index.ts';
import { TEST_IDS, TESTS, type Profile, type TestId, type TestResult } from '../../facts/vocabulary/index.ts';
import {
  aBreakerRecord,
  aDossier,
  anAnsweredCase,
  anObservation,
  aPanel,
  aReportedPanel,
  aReportedSite,
  minute,
  uuid,
} from '../../testing/index.ts';
import { attentionOf, decisionSummary, suspensionOf } from '../board/index.ts';
import { firstSteps, panelReviewOf, reviewHeadline } from '../panelReview/index.ts';
import { dueDuties } from '../upkeep/index.ts';
import { reportOf } from './index.ts';

const NOW = minute(2000);
const SITE = aReportedSite(NOW);

/** Normal readings that alone would keep a breaker. */
const BACKGROUNDS: [string, TestResult[]][] = [
  [
    'a normal voltage and a cool face',
    [
      { test: 'load-terminal-voltage', outcome: 'normal' },
      { test: 'face-temperature', outcome: 'like-neighbours' },
    ],
  ],
  [
    'a light load, a normal outlet and a quiet panel',
    [
      { test: 'clamp-current', outcome: 'under-80' },
      { test: 'outlet-voltage', outcome: 'normal' },
      { test: 'sound', outcome: 'quiet' },
    ],
  ],
];

const FINDINGS = TEST_IDS.flatMap((id) =>
  TESTS[id].outcomes.flatMap((outcome): [TestId, string, Exclude<HazardLevel, 'none'>, HazardScope][] => {
    const hazard = outcomeHazard(id, outcome);
    return hazard ? [[id, outcome, hazard.level, hazard.scope]] : [];
  }),
);

/** What each level suspends, and how soon the report has it dealt with. */
const EXPECTED: Record<Exclude<HazardLevel, 'none'>, { jobs: readonly string[]; within: string[] }> = {
  stop: { jobs: JOBS, within: ['now'] },
  restrict: { jobs: ['exercise', 'mapping', 'load-test'], within: ['days'] },
  repair: { jobs: [], within: ['weeks', 'plan'] },
};
const isOfPanel = (scope: HazardScope) => scope === 'panel' || scope === 'supply';

/** A breaker with the finding beside normal readings, and a sound one beside it. */
function panelWith(normal: readonly TestResult[], finding: TestResult) {
  const observed = (results: readonly TestResult[]) =>
    results.map(({ test: id, outcome }, i) => anObservation(id, outcome, i));
  const parts = [
    {
      breaker: { id: uuid(1), space: 1 },
      observations: observed([...normal.filter(({ test: id }) => id !== finding.test), finding]),
    },
    { breaker: { id: uuid(2), space: 2 }, observations: observed(normal) },
  ];
  const dossiers = parts.map((own) =>
    aDossier(own, { others: parts.filter((one) => one !== own).map(aBreakerRecord) }),
  );
  const evidence = dossiers.map(gatherEvidence);
  const breakers = evidence.map((one) => {
    const decision = decide(one);
    return { breaker: one.breaker, label: null, decision, at: NOW };
  });
  return { dossier: dossiers[0]!, evidence, breakers };
}

describe.each(BACKGROUNDS)('beside %s', (_name, normal) => {
  test.each(FINDINGS)('%s: %s is %s of the %s on every surface', (id, outcome, level, scope) => {
    const { dossier, evidence, breakers } = panelWith(normal, { test: id, outcome });
    const { jobs, within } = EXPECTED[level];
    const whole = isOfPanel(scope);

    // Board, start page: once, at the panel or at the breaker.
    const judged = breakers.map((one) => ({
      ...one,
      decision: decisionSummary({ at: NOW, decision: one.decision } as Parameters<typeof decisionSummary>[0]),
    }));
    const listed = attentionOf({ holes: [] }, judged);
    const own = listed.filter(({ label }) => label === (whole ? 'Whole panel' : 'Space 1'));
    expect(own).toHaveLength(1);
    expect(own[0]!.stop).toBe(level === 'stop');

    // Rounds, mapping, load test, planned work.
    const suspension = suspensionOf(breakers);
    for (const job of JOBS) {
      const suspends = jobs.includes(job);
      if (job === 'reset' && level === 'restrict') continue;
      expect([job, suspension.ofPanel(job)]).toEqual([job, suspends && whole]);
      expect([job, suspension.ofBreaker(job, breakers[0]!)]).toEqual([job, suspends]);
      expect([job, suspension.ofBreaker(job, breakers[1]!)]).toEqual([job, suspends && whole]);
    }

    // The sound breaker beside it: the panel’s finding is named, and it is no finding of its own.
    const [, neighbor] = breakers;
    expect(neighbor!.decision.hazard.level).toBe('none');
    expect(neighbor!.decision.panelHazard.level).toBe(whole ? level : 'none');

    // Report.
    const review = panelReviewOf('Shed', { panel: aPanel(), evidence, legs: [], signs: [], now: NOW });
    const panel = aReportedPanel({
      breakers: breakers.map((one, i) => ({
        ...one,
        decision: decideAlone(evidence[i]!),
        isMeasured: true,
        pictures: [],
      })),
      review,
    });
    const { findings } = reportOf({ kind: 'site', id: SITE.id }, SITE, [panel], NOW);
    expect(findings.filter(({ key }) => key === `breaker ${uuid(2)}`)).toEqual([]);
    const told = findings.find(({ key }) => key === `breaker ${uuid(1)}`)!;
    expect(within).toContain(told.urgency);
    if (level !== 'repair') expect(told.until.length).toBeGreaterThan(0);

    // Due work: nothing is due at a panel whose maintenance is suspended, nor at a breaker of which it is.
    const due = dueDuties(
      breakers.map((one) => ({ ...one, handle: 'on' })),
      { rounds: [], rules: [], keepsPower: null, since: minute(0), zone: 'UTC' },
      NOW,
    );
    const stopsRounds = jobs.includes('exercise');
    expect(due.suspended.length > 0).toBe(stopsRounds && whole);
    expect(due.duties.some(({ isDue }) => isDue)).toBe(!(stopsRounds && whole));
    const toExercise = due.duties.find(({ duty }) => duty === 'handles')?.breakerIds ?? [];
    expect(toExercise.includes(uuid(1))).toBe(!stopsRounds);
    expect(toExercise.includes(uuid(2))).toBe(!(stopsRounds && whole));

    // Panel evaluation: the panel’s findings alone, the steps of a hazard first.
    expect(review.hazard?.level ?? 'none').toBe(whole ? level : 'none');
    const steps = firstSteps(review);
    if (whole) expect(steps.length > 0).toBe(level !== 'repair');
    expect(steps.some((step) => step.startsWith('Call '))).toBe(review.review.soon === 'now');
    if (level === 'stop' && whole) {
      expect(review.review.soon).toBe('now');
      expect(reviewHeadline(review.review)).toMatch(/^Stop using this panel/);
    }

    // A case on it, and its hand-over.
    const file: CaseRecord = {
      ...anAnsweredCase([], { complaint: 'check', breakerId: uuid(1) }),
      dossier: { ...dossier, curves: [] },
    };
    for (const profile of ['homeowner', 'electrician'] as Profile[]) {
      const { step, decision } = lookAtCase(file, profile);
      expect(step.kind === 'stop').toBe(level === 'stop');
      expect(decision.family).not.toBe('keep');
    }
    const card = handOverOf(file);
    expect(card.stop.length > 0).toBe(level === 'stop');
    expect(card.hazards.length > 0).toBe(level === 'restrict');
    if (level !== 'repair') expect(card.untilThen.length).toBeGreaterThan(0);
  });
});
