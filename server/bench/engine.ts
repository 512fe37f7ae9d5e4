import { CAUSE_IDS, learn } from '@phylaxon/core/diagnosis/causes';
import { decide } from '@phylaxon/core/diagnosis/decision';
import { isolationPlan } from '@phylaxon/core/diagnosis/isolation';
import { gatherEvidence, type BreakerRecord } from '@phylaxon/core/diagnosis/evidence';
import { aDossier, aBreakerRecord, anEvent, anObservation, aReading, uuid } from '@phylaxon/core/testing';
import { median, say, verdict } from './say.ts';
import { runStudy, summary, WANTED } from './study/index.ts';
import { diagnose, type DiagnoseInput } from '@phylaxon/core/diagnosis/engine';

const EVIDENCE: DiagnoseInput['evidence'] = [
  { test: 'power-loss-extent', outcome: 'one-circuit' },
  { test: 'reset-feel', outcome: 'clean-clicks' },
  { test: 'power-after-reset', outcome: 'still-dead' },
  { test: 'load-terminal-voltage', outcome: 'zero' },
];

const medianMs = (times: number, work: (i: number) => unknown) =>
  median(
    Array.from({ length: times }, (_, i) => {
      const start = performance.now();
      work(i);
      return performance.now() - start;
    }),
  );

/** A breaker of a full panel, with a record: measured, felt, and every third of them tripped. */
const measured = (_: unknown, i: number): BreakerRecord =>
  aBreakerRecord({
    breaker: { id: uuid(i + 1), space: (i % 42) + 1, kind: i % 4 === 0 ? 'gfci' : 'standard' },
    readings: [
      aReading('current', 'conductor', 2 + (i % 17), i),
      aReading('voltage', 'load-terminal', 117 + (i % 5), i),
      aReading('temperature', 'terminal', 24 + (i % 23), i),
      aReading('temperature', 'face', 23 + (i % 11), i),
    ],
    events:
      i % 3 === 0
        ? [
            anEvent('trip', i, { pace: i % 2 === 0 ? 'minutes' : 'at-once' }),
            anEvent('reset', i + 9, { feel: 'clean-clicks', result: 'holds' }),
          ]
        : [],
    observations: [anObservation('smell', 'none', i), anObservation('panel-touch', 'warm', i)],
  });

/** Some cases have been confirmed. */
const LEARNED = learn(
  Array.from({ length: 40 }, (_, i) => ({
    cause: CAUSE_IDS[(3 * i) % CAUSE_IDS.length]!,
    known: {},
    family: null,
  })),
  {},
);

/** All breakers of a panel, each held against the others. */
function decidePanel(files: readonly BreakerRecord[]): void {
  for (const subject of files)
    decide(
      gatherEvidence({
        ...aDossier({}, { learned: LEARNED }),
        subject,
        others: files.filter((one) => one !== subject),
      }),
    );
}

/** How quick a diagnosis, the decisions of a panel and a plan of isolation are. */
export function benchEngine(): void {
  say('The engine:');
  const diagnosis = medianMs(200, (i) =>
    diagnose({ profile: 'electrician', evidence: EVIDENCE.slice(0, i % 5) }),
  );
  say(
    `  A diagnosis                               ${diagnosis.toFixed(1)} ms${verdict(diagnosis <= 16, 'at most 16 ms')}`,
  );
  // A panel of its own each time: nothing is known of its record before.
  const panels = Array.from({ length: 15 }, () => Array.from({ length: 84 }, measured));
  const panel = medianMs(panels.length, (i) => decidePanel(panels[i]!));
  say(
    `  A panel of 84, decided                    ${panel.toFixed(0)} ms${verdict(panel <= 100, 'at most 100 ms')}`,
  );
  for (const maxTrips of [undefined, 1, 2, 3]) {
    const candidates = Array.from({ length: 14 }, (_, i) => ({ id: `load ${i}`, prior: 1 + ((i * 5) % 7) }));
    const plan = medianMs(5, () => isolationPlan({ candidates, wiringPrior: 4, maxTrips }));
    const limit = maxTrips === undefined ? 'any trips' : `${maxTrips} at most`;
    say(
      `  A plan for 14 candidates, ${limit.padEnd(15)} ${plan.toFixed(0)} ms${verdict(plan <= 500, 'at most 500 ms')}`,
    );
  }
  say('');
}

/** So many cases of each cause: 2,015 in all. */
const EACH = 65;

/** How good the engine is, over simulated faults that docs/STUDY.md does not show. */
export function benchStudy(): void {
  say(`The study, ${EACH} cases of every cause:`);
  const all = runStudy({ each: EACH, firstSeed: 20_000 });
  const percent = (share: number) => `${(100 * share).toFixed(1)}%`;
  for (const profile of ['homeowner', 'electrician'] as const) {
    const { engine, checklist, fewer } = summary(all, profile);
    const line = (what: string, figure: string, judged = '') =>
      say(`    ${what.padEnd(46)} ${figure}${judged}`);
    say(`  ${profile}`);
    line('right cause leads', percent(engine.leads), ` (checklist ${percent(checklist.leads)})`);
    line('right action', percent(engine.right), ` (checklist ${percent(checklist.right)})`);
    line(
      'right, or rightly handed over',
      percent(engine.served),
      verdict(engine.served >= WANTED.served[profile], `at least ${percent(WANTED.served[profile])}`),
    );
    const { median, nineInTen } = WANTED.screens;
    line(
      'screens: median, nine in ten',
      `${engine.median}, ${engine.nineInTen}`,
      verdict(engine.median <= median && engine.nineInTen <= nineInTen, `at most ${median}, ${nineInTen}`),
    );
    line('fewer tests than the checklist by', percent(fewer));
    line(
      'told to reset, keep or enlarge with a hazard present',
      `${engine.missed} of ${engine.hazards}`,
      verdict(engine.missed === 0, 'none'),
    );
    line('told anything that leaves it on with one', `${engine.leftOn} of ${engine.hazards}`);
    line('stops where there was danger', percent(engine.stops));
    line(
      'stops where there was none',
      percent(engine.falseStops),
      verdict(engine.falseStops <= WANTED.falseStops, `at most ${percent(WANTED.falseStops)}`),
    );
  }
  say('');
}
