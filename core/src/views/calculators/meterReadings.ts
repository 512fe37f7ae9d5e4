import { z } from 'zod';
import { sagOutcome, VOLTAGE_LIMITS } from '../../facts/limits/index.ts';
import { amps, exceeds, sayNumber, sayQuantity, volts } from '../../facts/quantities/index.ts';
import { CITATIONS } from '../../facts/standards/index.ts';
import { apparentPower, powerInput } from '../../physics/power/index.ts';
import { calculator } from './calculator.ts';
import * as messages from './messages.ts';
import { figure, inAmps, DROP_PERCENT } from './fields.ts';
import { followsFrom } from './follows.ts';

/** Volt-amperes and power factor. */
export const powerCalculator = calculator({
  id: 'volt-amperes',
  title: messages.apparentPower,
  source: messages.definitionOfPower,
  fields: [
    figure('volts', messages.voltage, 'V', 120),
    figure('amps', messages.current, 'A', 8),
    figure('watts', messages.watts, 'W', null),
  ],
  input: powerInput,
  answer: (question) => {
    const { voltAmperes, powerFactor } = apparentPower(question);
    const va = sayQuantity(voltAmperes, 'VA');
    const product = messages.product(sayQuantity(question.volts, 'V'), inAmps(question.amps), va);
    if (powerFactor === null)
      return { headline: va, isOver: false, steps: [product, messages.ampsLoadTheBreaker] };
    const factor = sayNumber(powerFactor, 2);
    return {
      headline: messages.withPowerFactor(va, factor),
      isOver: false,
      steps: [
        product,
        messages.ratio(sayQuantity(question.watts!, 'W'), va, factor),
        messages.ampsLoadTheBreaker,
      ],
    };
  },
});

/** What a run with its connections loses under a load. */
export const sagCalculator = calculator({
  id: 'voltage-sag',
  title: messages.sag,
  source: CITATIONS.voltageDrop,
  fields: [
    figure('unloaded', messages.unloaded, 'V', 121),
    figure('loaded', messages.loaded, 'V', 116),
    figure('amps', messages.current, 'A', 12),
  ],
  input: z
    .object({
      unloaded: volts.positive(messages.enterTheVoltage),
      loaded: volts,
      amps: amps.positive(messages.enterALoad),
    })
    .refine((q) => q.loaded <= q.unloaded, { path: ['loaded'], message: messages.loadedIsHigher }),
  answer: ({ unloaded, loaded, amps: load }) => {
    const lost = unloaded - loaded;
    const isOver = exceeds(lost / unloaded, VOLTAGE_LIMITS.sagNoticed);
    return {
      headline: messages.sagIs(sayNumber((100 * lost) / unloaded, 1), sayQuantity(lost * load, 'W', 0)),
      isOver,
      steps: [
        messages.resistance(sayQuantity(lost / load, 'Ω', 3)),
        isOver ? messages.sagCompare(DROP_PERCENT) : messages.sagNormal(DROP_PERCENT),
        ...followsFrom('outlet-sag', sagOutcome(lost / unloaded)),
      ],
    };
  },
});
