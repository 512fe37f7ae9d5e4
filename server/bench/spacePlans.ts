import { seeded, type Random } from '@phylaxon/core/facts/random';
import { spacePlan, type SpacePlanInput } from '@phylaxon/core/panel/spacePlan';
import { median, say, verdict } from './say.ts';

const PANELS = 500;
const SPACES = 42;

/** A panel of 42 spaces with no or hardly any space left: what may move, what may shrink, and where, is drawn. */
function fullPanel(random: Random): SpacePlanInput {
  const [moves, shrinks, listed] = [random(), random(), random()];
  const split = random() < 0.2 ? 13 : null;
  const free = random() < 0.5 ? 0 : Math.floor(3 * random());
  const left = new Set(Array.from({ length: free }, () => 1 + Math.floor(SPACES * random())));
  const taken = new Set<number>();
  const breakers: SpacePlanInput['breakers'] = [];
  for (let space = 1; space <= SPACES; space++) {
    if (taken.has(space) || left.has(space)) continue;
    const other = space + 2;
    const isTwo =
      random() < 0.25 &&
      other <= SPACES &&
      !taken.has(other) &&
      !left.has(other) &&
      (split === null || space >= split || other < split);
    taken.add(space);
    if (isTwo) taken.add(other);
    breakers.push({
      id: `${space}`,
      space,
      poles: isTwo ? 2 : 1,
      half: null,
      movable: random() < moves,
      narrowable: random() < shrinks,
    });
  }
  const narrowSpaces = Array.from({ length: SPACES }, (_, i) => i + 1).filter(() => random() < listed);
  return {
    spaces: SPACES,
    splitAt: split,
    narrowSpaces,
    blocked: [],
    breakers,
    want: { poles: random() < 0.5 ? 1 : 2 },
  };
}

/** How long the least work takes to find, on full panels. */
export function benchSpacePlans(): void {
  const random = seeded(20_261_128);
  let possible = 0;
  const times = Array.from({ length: PANELS }, () => {
    const panel = fullPanel(random);
    const start = performance.now();
    if (spacePlan(panel).possible) possible++;
    return performance.now() - start;
  });
  const usual = median(times);
  say(`  Room in a full panel of ${SPACES} spaces, ${PANELS} panels, ${possible} of which can be helped`);
  say(
    `    least work found in                      ${usual.toFixed(1)} ms median, ${Math.max(...times).toFixed(0)} ms worst${verdict(usual <= 300, 'at most 300 ms')}\n`,
  );
}
