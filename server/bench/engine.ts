import { diagnose, type DiagnoseInput } from '@phylaxon/core/diagnose';
import { isolationPlan } from '@phylaxon/core/isolate';
import { median, say, verdict } from './say.ts';

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

/** How quick a diagnosis and a plan of isolation are. */
export function benchEngine(): void {
  say('The engine:');
  const diagnosis = medianMs(200, (i) =>
    diagnose({ profile: 'electrician', evidence: EVIDENCE.slice(0, i % 5) }),
  );
  say(
    `  A diagnosis                               ${diagnosis.toFixed(1)} ms${verdict(diagnosis <= 16, 'at most 16 ms')}`,
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
