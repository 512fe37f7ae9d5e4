import { ACTIONS, TESTS, type Profile } from '@phylaxon/core/facts/vocabulary';
import { SIMULATED_CAUSES } from '@phylaxon/core/simulate/house';
import { brier, NEARLY_SURE, nearlySureAndWrong, reliability } from './calibrate.ts';
import type { PairWent } from './runPairs.ts';
import type { StudySize, Went } from './runStudy.ts';
import { ORDERS, type Order } from './workCase.ts';

const PROFILES: readonly Profile[] = ['homeowner', 'electrician'];
const ORDER_WORDS: Record<Order, string> = {
  engine: 'The engine',
  checklist: 'The written checklist',
  random: 'At random',
};

/** What the study is held against. */
export const WANTED = {
  served: { homeowner: 0.92, electrician: 0.93 },
  screens: { median: 6, nineInTen: 10 },
  leftOn: 0.003,
  falseStops: 0.02,
  bothFound: 0.85,
  dangerousFirst: 0.98,
  reliability: 0.05,
  nearlySureWrong: 0.02,
} as const;

const shareOf = (list: readonly Went[], is: (one: Went) => boolean) =>
  list.length === 0 ? 0 : list.filter(is).length / list.length;
const meanOf = (list: readonly Went[], of: (one: Went) => number) =>
  list.length === 0 ? 0 : list.reduce((sum, one) => sum + of(one), 0) / list.length;
const quantile = (list: readonly number[], at: number) => {
  const sorted = [...list].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(at * sorted.length))] ?? 0;
};
const percent = (share: number) => `${(100 * share).toFixed(1)}%`;

/** One line of figures for some cases. */
function figures(list: readonly Went[]) {
  const danger = list.filter((one) => one.danger);
  const calm = list.filter((one) => !one.mayBeStopped);
  return {
    leads: shareOf(list, (one) => one.leading === one.cause),
    right: shareOf(list, (one) => one.right),
    served: shareOf(list, (one) => one.served),
    tests: meanOf(list, (one) => one.tests),
    screens: meanOf(list, (one) => one.screens),
    median: quantile(
      list.map((one) => one.screens),
      0.5,
    ),
    nineInTen: quantile(
      list.map((one) => one.screens),
      0.9,
    ),
    trials: meanOf(list, (one) => one.trials),
    stops: shareOf(danger, (one) => one.stopped),
    hazards: list.filter((one) => one.hazard).length,
    leftOn: list.filter((one) => one.leftOn).length,
    danger: danger.length,
    falseStops: shareOf(calm, (one) => one.stopped),
    missed: list.filter((one) => one.missed && one.findable).length,
    hidden: list.filter((one) => one.missed && !one.findable).length,
  };
}

const row = (...cells: (string | number)[]) => `| ${cells.join(' | ')} |`;
const table = (head: string[], rows: string[]) =>
  [row(...head), row(...head.map((_h, i) => (i === 0 ? '---' : '---:'))), ...rows].join('\n');

/** The figures that are wanted, by profile. */
export function summary(all: readonly Went[], profile: Profile) {
  const of = (order: Order) => figures(all.filter((one) => one.profile === profile && one.order === order));
  const [engine, checklist] = [of('engine'), of('checklist')];
  return { engine, checklist, fewer: 1 - engine.tests / checklist.tests };
}

function overall(all: readonly Went[], profile: Profile): string {
  return table(
    [
      'order of the tests',
      'right cause leads',
      'right action',
      'right, or rightly handed over',
      'tests',
      'screens: median',
      'screens: nine in ten',
      'resets that tripped',
      'stops where there was danger',
      'stops where there was none',
      'told to reset, keep or enlarge beside a hazard that this person could find',
      'beside a hazard that only the open panel shows',
      'told anything that leaves it on with a hazard present',
    ],
    ORDERS.map((order) => {
      const f = figures(all.filter((one) => one.profile === profile && one.order === order));
      return row(
        ORDER_WORDS[order],
        percent(f.leads),
        percent(f.right),
        percent(f.served),
        f.tests.toFixed(1),
        f.median,
        f.nineInTen,
        f.trials.toFixed(2),
        percent(f.stops),
        percent(f.falseStops),
        `${f.missed} of ${f.hazards}`,
        `${f.hidden} of ${f.hazards}`,
        `${f.leftOn} of ${f.hazards}`,
      );
    }),
  );
}

function byCause(all: readonly Went[], best: readonly Went[], profile: Profile): string {
  return table(
    [
      'cause',
      'cases',
      'leads',
      'right action',
      'or handed over',
      'ceiling',
      'tests',
      'screens',
      'checklist',
      'stops / danger',
      'false stops',
    ],
    SIMULATED_CAUSES.map((cause) => {
      const of = (order: Order) =>
        all.filter((one) => one.profile === profile && one.order === order && one.cause === cause);
      const list = of('engine');
      const f = figures(list);
      const stops = list.filter((one) => one.danger && one.stopped).length;
      const ceiling = figures(best.filter((one) => one.profile === profile && one.cause === cause));
      return row(
        cause,
        list.length,
        percent(f.leads),
        percent(f.right),
        percent(f.served),
        percent(ceiling.served),
        f.tests.toFixed(1),
        f.screens.toFixed(1),
        figures(of('checklist')).tests.toFixed(1),
        `${stops} / ${f.danger}`,
        list.filter((one) => !one.mayBeStopped && one.stopped).length,
      );
    }),
  );
}

/** For each cause, what was taken for it and how often. */
function confusion(all: readonly Went[], profile: Profile): string {
  return table(
    ['what it was', 'what led', 'what was done instead'],
    SIMULATED_CAUSES.map((cause) => {
      const list = all.filter(
        (one) => one.profile === profile && one.order === 'engine' && one.cause === cause,
      );
      const wrong = list.filter((one) => !one.served);
      return row(
        cause,
        counted(list.map((one) => one.leading)),
        counted(wrong.map((one) => one.action)) || '–',
      );
    }),
  );
}

function counted(list: readonly string[]): string {
  const counts = new Map<string, number>();
  for (const one of list) counts.set(one, (counts.get(one) ?? 0) + 1);
  return [...counts]
    .sort((a, b) => b[1] - a[1])
    .map(([what, n]) => `${what} ${n}`)
    .join(', ');
}

/** Confidence against frequency, as a table and a line of marks. */
function reliabilityPart(met: readonly Went[], profile: Profile): string {
  const rows = reliability(met, profile).map(({ from, to, cases, said, was }) =>
    row(
      `${(100 * from).toFixed(0)} to ${(100 * to).toFixed(0)}%`,
      cases,
      cases === 0 ? '–' : percent(said),
      cases === 0 ? '–' : percent(was),
      cases === 0 ? '' : diagramLine(said, was),
    ),
  );
  const head = ['said', 'decisions', 'said, mean', 'was right', 'said o, was right x, the same *'];
  const { cases, wrong } = nearlySureAndWrong(met, profile);
  return `### ${profile === 'homeowner' ? 'Homeowner' : 'Electrician'}

${[row(...head), row('---', '---:', '---:', '---:', '---'), ...rows].join('\n')}

Brier score ${brier(met, profile).toFixed(3)}. Stated as nearly sure (${(100 * NEARLY_SURE).toFixed(0)}% or more): ${cases}, of them wrong ${wrong} (${percent(cases === 0 ? 0 : wrong / cases)}).`;
}

/** Where on a line of a hundred percent a figure lies. */
function diagramLine(said: number, was: number): string {
  const marks = Array.from({ length: 26 }, () => '·');
  const at = (share: number) => Math.round(share * 25);
  marks[at(said)] = 'o';
  marks[at(was)] = at(said) === at(was) ? '*' : 'x';
  return `\`${marks.join('')}\``;
}

function pairsPart(pairs: readonly PairWent[]): string {
  const names = [...new Set(pairs.map(({ causes }) => causes.join(' and ')))];
  const line = (name: string, list: readonly PairWent[]) => {
    const unequal = list.filter(({ oneIsDangerous }) => oneIsDangerous);
    const share = (of: readonly PairWent[], is: (one: PairWent) => boolean) =>
      of.length === 0 ? '–' : percent(of.filter(is).length / of.length);
    return row(
      name,
      list.length,
      share(list, ({ both }) => both),
      unequal.length,
      share(unequal, ({ dangerousFirst }) => dangerousFirst),
      share(list, ({ saidSo }) => saidSo),
    );
  };
  return table(
    [
      'what is wrong',
      'cases',
      'both found',
      'one dangerous',
      'the dangerous one first',
      'the other told beside it',
    ],
    [
      ...names.map((name) =>
        line(
          name,
          pairs.filter(({ causes }) => causes.join(' and ') === name),
        ),
      ),
      line('**all**', pairs),
    ],
  );
}

/** All that the page tells of. */
export interface Study {
  size: StudySize;
  all: readonly Went[];
  /** The same cases with tables fitted to the simulator. */
  ceiling: readonly Went[];
  /** Cases drawn as often as they are met. */
  met: readonly Went[];
  pairs: readonly PairWent[];
}

/** The study as a page. */
export function studyPage({ size: { each, firstSeed }, all, ceiling, met, pairs }: Study): string {
  const causes = SIMULATED_CAUSES.length;
  const parts = PROFILES.map((profile) => {
    const { fewer } = summary(all, profile);
    const best = figures(ceiling.filter((one) => one.profile === profile));
    return `## ${profile === 'homeowner' ? 'Homeowner (cover closed)' : 'Electrician'}

${overall(all, profile)}

The engine asks ${percent(fewer)} fewer tests than the checklist. With tables fitted to the simulator (the ceiling) it would
be right, or rightly hand over, in ${percent(best.served)}.

### By cause

${byCause(all, ceiling, profile)}

### What was taken for what

${confusion(all, profile)}
`;
  });
  return `# How good the engine is

Regenerate this page with \`npm run bench:engine\` (about an hour). It is the same every time: the cases are drawn from fixed seeds.

${each * causes} simulated faults, every one of the ${causes} causes ${each} times (seeds ${firstSeed} to ${firstSeed + each - 1}), each worked
by a homeowner and by an electrician, with the tests in three orders: as the engine chooses them; as the vocabulary
lists them, by level (the written checklist); and at random. All three have the same posterior, the same table of
losses and the same rule for stopping, but that only the engine’s questions have a price that grows. To begin with
everybody tells what made them complain: what is dead, that it tripped, lights, a smell, a sound, warmth, water, or that
something is live that was switched off. A fault that shows in none of these is drawn anew, up to forty times (what the same
house would show without it, such as old rust, is no sign of it): what is left after that comes as a check in which nobody noticed anything.

Small looks at one spot are one screen, on which only what is otherwise is said; every other question is a screen of its own.

The houses come from \`core/src/simulate\`: a split-phase network with supply, panel, breakers, conductors and loads,
solved by Kirchhoff’s laws, with heat from the watts in every joint and the bench’s model of the bimetal. It knows
nothing of the engine’s tables. Instruments have errors, and people slip: in one look in
seventy or so, in some, such as how a handle feels, in one in twenty.

What is right for a case is what a careful master electrician would accept (\`server/bench/study/rightFor.ts\`). A homeowner
who finds out that more is needed than can be found with the cover closed is **rightly handed over** where the
right work is an electrician’s; that is told apart from the right action itself. **Danger** is what is so in the
house, not what anybody saw: a burning joint, arcing, water, too many volts, something live that is off, a
short in the wiring. A stop counts as false where there is none of it, but for insulation that really reads next to nothing: a neutral that
touches ground reads as a short does, and its circuit stays off until it is found. A **hazard** is wider: a joint many times worse than it should be, a conductor that its breaker does not
protect, a breaker that does not open, a neutral that is gone, water, or damp that has harmed a joint or the insulation (an arc that a working arc-fault unit cuts
each time is not counted as going on). Three columns count verdicts beside one: a verdict that resets, keeps or enlarges where the tests of this person show the hazard, and where only the open panel does; and any
verdict after which the circuit stays energised meanwhile, such as to shed load, to repair an appliance or to wait.

Wanted: right, or rightly handed over, in ${percent(WANTED.served.electrician)} (electrician) and ${percent(WANTED.served.homeowner)} (homeowner) of cases; half of them within ${WANTED.screens.median} screens,
nine in ten within ${WANTED.screens.nineInTen}; nobody told to reset, keep or enlarge beside a hazard that this person could have found with the tests they may do, anything that leaves it on in ${percent(WANTED.leftOn)} of cases
at most; false stops at most ${percent(WANTED.falseStops)}.

The **ceiling** is the same engine, in the same cases, with tables of likelihood fitted to the simulator on seeds of their own. It is not
the product: it shows how much of what is wrong is the tables’, and how much lies in what can be seen at all.

${parts.join('\n')}
## Two things at once

${pairs.length} cases of two faults, worked by an electrician: after the first is put right the case is worked again with the other
alone. Wanted: both found in ${percent(WANTED.bothFound)}, the dangerous one first, or a stop, in ${percent(WANTED.dangerousFirst)}.

${pairsPart(pairs)}

## Sure of what it is sure of

${met.length / PROFILES.length} cases, each cause drawn as often as it is met in practice. A decision that names some work says how sure it is; that is laid
beside how often it was right. Wanted: within ${(100 * WANTED.reliability).toFixed(0)} points in every tenth with 50 decisions or more; what is nearly sure is wrong in at
most ${percent(WANTED.nearlySureWrong)}.

${PROFILES.map((profile) => reliabilityPart(met, profile)).join('\n\n')}

## How far to trust these figures

The simulator does not read the engine's tables, but it was not built blind to them either: while both were written, what
it showed was laid beside the tables, and where one of the two was plainly wrong it was changed. The limits of the engine,
the reading of what is right and what is a hazard, and the rules before a reset were settled while looking at such cases,
at other seeds than those shown here. So the figures are on the kind side. Cases drawn by somebody else, and real
ones, are the better test; \`npm run bench\` works seeds that were not used for any of this.

## What falls short, and why

- **hot-surroundings** is taken for a weak breaker: both open below their rating, and on a cool day nothing else
  tells them apart. The engine asks for the pattern and for the warmth of the panel; where neither shows, it errs.
- **worn-mechanism** is taken for a short where the latch still catches now and then: a handle that falls off at once
  feels the same. A homeowner cannot tell; an electrician’s insulation test does.
- **undersized-breaker** looks like an overload: the homeowner is told to shed load, which is safe and does not cure it.
  A larger breaker is never named before the conductor was seen.
- **oversized-breaker**, **shared-terminal** and **wrong-part** cannot be seen with the cover closed: the homeowner is handed over
  where something they do shows. Where nothing does, as in a check of an oversized breaker, they are told to keep it, and that conductors
  and joints only show with the cover off: that is the column “beside a hazard that only the open panel shows”. The answer names the parts behind the cover that were not inspected, and to have
  them inspected within a year. Handing every
  such check over would have an electrician called for every sound breaker that somebody looks at. A shared terminal with too
  much load on it ends in shedding load, which leaves it on: nearly all of the last column.
- **arcing-connection** behind a protected unit looks like a unit that trips for nothing while its circuit is dead.
- **wrong-breaker** of a circuit that is dead, because the other breaker has opened, looks like an open wire.
- **Stops where there was none**: a lost neutral of a shared circuit brightens lights as a lost one of the service does, and a latch
  that does not catch feels like a short. Both stop it, to the side of life.
- **The dangerous one of two first**: an electrician reads both legs to neutral before anything is worked on or switched on, which shows a lost
  neutral whose legs happen to be alike. What is left was looked at and taken for sound, or shows nothing yet.
- Stops are raised in part of the dangers only, because a danger that nobody has looked at yet cannot be told.
- Some verdicts name what explains the complaint while a second thing is wrong that nobody saw, and the circuit stays on
  meanwhile: the last column.

${Object.keys(TESTS).length} tests, ${Object.keys(ACTIONS).length} actions.
`;
}
