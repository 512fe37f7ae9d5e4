import { panelReview, signsOf } from '@phylaxon/core/diagnosis/panelReview';
import { seeded } from '@phylaxon/core/facts/random';
import { PANEL_STATES, plantedPicture, plantedSpots, simulatedPanel } from '@phylaxon/core/simulate/panel';
import { say, verdict } from './say.ts';

const PICTURES = 200;
const EACH_STATE = 120;
const percent = (share: number) => `${(100 * share).toFixed(1)}%`;

/** Hot joints in pictures, and failing panels. */
export function benchPanels(): void {
  say('Heat pictures and panels:');
  let [found, clear] = [0, 0];
  for (let n = 0; n < PICTURES; n += 1) {
    const hot = plantedPicture(seeded(81_000 + n), true);
    if (plantedSpots(hot)[0]?.space === hot.space) found += 1;
    if (plantedSpots(plantedPicture(seeded(82_000 + n), false)).length === 0) clear += 1;
  }
  say(
    `  A planted joint at its space, ${PICTURES} pictures  ${percent(found / PICTURES)}${verdict(found >= 0.95 * PICTURES, 'at least 95%')}`,
  );
  say(
    `  No spot where none is, ${PICTURES} pictures        ${percent(clear / PICTURES)}${verdict(clear >= 0.97 * PICTURES, 'at least 97%')}`,
  );
  for (const state of PANEL_STATES) {
    let condemned = 0;
    for (let n = 0; n < EACH_STATE; n += 1) {
      const signs = signsOf(simulatedPanel(seeded(83_000 + 41 * n + state.length), state));
      if (panelReview({ evidence: signs.map(({ sign }) => sign) }).verdict === 'replace') condemned += 1;
    }
    const judged =
      state === 'failing-bus'
        ? verdict(condemned >= 0.9 * EACH_STATE, 'at least 90%')
        : state === 'sound' || state === 'one-bad-joint'
          ? verdict(condemned === 0, 'never')
          : '';
    say(
      `  Condemned, of ${EACH_STATE} panels: ${state.padEnd(14)} ${percent(condemned / EACH_STATE)}${judged}`,
    );
  }
  say('');
}
