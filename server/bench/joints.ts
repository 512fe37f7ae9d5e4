import { seeded } from '@phylaxon/core/facts/random';
import { drawJointRun, searchedJoint } from '@phylaxon/core/benchmarks';
import { legBalance } from '@phylaxon/core/panel/legs';
import { median, say, verdict } from './say.ts';

const EACH = 2000;
const percent = (share: number) => `${(100 * share).toFixed(1)}%`;

/** The search of a bad joint, on drawn runs with the errors of a meter. */
function joints(): void {
  const random = seeded(20_261_127);
  let [found, tooMany, reads, sound] = [0, 0, 0, 0];
  for (let n = 0; n < EACH; n++) {
    const run = drawJointRun(random, true);
    const searched = searchedJoint(run);
    if (searched.search.within?.to === run.bad) found++;
    if (searched.reads > Math.ceil(Math.log2(run.points.length)) + 2) tooMany++;
    reads += searched.reads;
  }
  for (let n = 0; n < EACH; n++) if (searchedJoint(drawJointRun(random, false)).search.isSound) sound++;
  say(`  A planted joint of 0.1 to 1 Ω, ${EACH} runs of 4 to 12 outlets`);
  say(
    `    found                                    ${percent(found / EACH)}${verdict(found >= 0.95 * EACH, 'at least 95%')}`,
  );
  say(
    `    points read                              ${(reads / EACH).toFixed(1)} on average, more than ⌈log₂ n⌉ + 2 in ${tooMany}${verdict(tooMany === 0, 'never')}`,
  );
  say(
    `  A sound run left alone, of ${EACH}               ${percent(sound / EACH)}${verdict(sound >= 0.98 * EACH, 'at least 98%')}`,
  );
}

/** The best moves for both legs, of as many circuits as a panel has. */
function legs(): void {
  const random = seeded(7);
  const times = Array.from({ length: 15 }, () => {
    const circuits = Array.from({ length: 42 }, (_one, i) => ({
      id: `${i}`,
      leg: random() < 0.6 ? ('A' as const) : ('B' as const),
      amps: Math.round(random() * 160) / 10,
    }));
    const start = performance.now();
    legBalance({ circuits, freeSpaces: { A: 2, B: 2 } });
    return performance.now() - start;
  });
  const ms = median(times);
  say(
    `  The best of up to 6 moves, 42 circuits        ${ms.toFixed(0)} ms${verdict(ms <= 200, 'at most 200 ms')}`,
  );
}

/** Joints and legs. */
export function benchJoints(): void {
  say('Joints and legs:');
  joints();
  legs();
  say('');
}
