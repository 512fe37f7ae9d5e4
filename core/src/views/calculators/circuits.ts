import { z } from 'zod';
import { areUnbalanced, LOAD_LIMITS, loadOutcome, TERMINAL_OUTCOMES } from '../../facts/limits/index.ts';
import {
  ambientC,
  amps,
  oneOf,
  ratingAmps,
  sayNumber,
  sayQuantity,
  sayRise,
  surfaceC,
  watts,
} from '../../facts/quantities/index.ts';
import { CITATIONS } from '../../facts/standards/index.ts';
import { BAND_OF_GRADE, heatSurvey } from '../../physics/heat/index.ts';
import { calculator } from './calculator.ts';
import { choice, figure, inAmps, RATINGS } from './fields.ts';
import { followsFrom } from './follows.ts';
import * as messages from './messages.ts';

/** The load of a circuit against its breaker. */
export const circuitLoadCalculator = calculator({
  id: 'circuit-load',
  title: messages.circuitLoad,
  source: CITATIONS.continuousLoad,
  fields: [
    figure('watts', messages.allLoads, 'W', 1500),
    choice(
      'volts',
      messages.voltage,
      ([120, 240] as const).map((value) => ({ value, label: `${value} V` })),
      120,
    ),
    choice('ratingAmps', messages.breaker, RATINGS, 20),
  ],
  input: z.object({ watts, volts: oneOf([120, 240]), ratingAmps }),
  answer: ({ watts: power, volts, ratingAmps: rated }) => {
    const current = power / volts;
    const share = current / rated;
    return {
      headline: messages.loadIs(inAmps(current), sayNumber(100 * share, 0), inAmps(rated)),
      isOver: loadOutcome(share) !== 'under-80',
      steps: [
        messages.quotient(sayQuantity(power, 'W', 0), sayQuantity(volts, 'V'), inAmps(current)),
        messages.loadBands[loadOutcome(share)],
        messages.forHours(inAmps(LOAD_LIMITS.continuousShare * rated)),
      ],
    };
  },
});

/** How far both legs differ, and what the neutral carries. */
export const legBalanceCalculator = calculator({
  id: 'leg-balance',
  title: messages.legBalance,
  source: messages.definitionOfNeutral,
  fields: [figure('a', messages.legA, 'A', 42), figure('b', messages.legB, 'A', 18)],
  input: z.object({ a: amps, b: amps }),
  answer: ({ a, b }) => {
    const isOver = areUnbalanced(a, b);
    const apart = inAmps(Math.abs(a - b));
    return {
      headline: messages.legsDiffer(apart),
      isOver,
      steps: [
        messages.neutralCarries(apart),
        isOver ? messages.unbalanced : messages.balanced,
        messages.harmonics,
      ],
    };
  },
});

/** What a temperature at a breaker or a terminal means. */
export const heatCalculator = calculator({
  id: 'temperature-rise',
  title: messages.temperatureRise,
  source: `${CITATIONS.terminalRise}; ${CITATIONS.heatOverPeers}`,
  fields: [
    figure('surfaceC', messages.surface, '°C', 40),
    figure('peerC', messages.peer, '°C', 30),
    figure('ambientC', messages.ambient, '°C', 22),
    figure('amps', messages.current, 'A', 12),
    choice('ratingAmps', messages.breaker, RATINGS, 20),
  ],
  input: z.object({ surfaceC, peerC: surfaceC, ambientC, amps, ratingAmps }),
  answer: ({ surfaceC: hot, peerC, ambientC: air, amps: current, ratingAmps: rated }) => {
    const at = { amps: current, ratingAmps: rated };
    const { points } = heatSurvey({
      ambientC: air,
      points: [
        { id: messages.thisOne, surfaceC: hot, ...at },
        { id: messages.similarOne, surfaceC: peerC, ...at },
      ],
    });
    const { riseC, riseAtRatingC, overPeersC, grade, reasons } = points[0]!;
    return {
      headline: messages.heatGrades[grade],
      isOver: grade !== 'normal',
      steps: [
        messages.riseIs(sayRise(riseC)),
        ...(overPeersC === null ? [] : [messages.overPeers(sayRise(overPeersC))]),
        ...(riseAtRatingC === null ? [] : [messages.atRating(sayRise(riseAtRatingC))]),
        ...reasons.map(({ text }) => text),
        ...followsFrom('terminal-temperature', TERMINAL_OUTCOMES[BAND_OF_GRADE[grade]]),
      ],
    };
  },
});
