import {
  compressorCircuit,
  compressorCircuitInput,
  MOTOR_NAMES,
  motorCircuit,
  motorCircuitInput,
} from '../../code/motor/index.ts';
import { sayConductor } from '../../code/sizing/index.ts';
import { CITATIONS, MOTOR_PERCENT, type FeederGauge } from '../../facts/standards/index.ts';
import { calculator } from './calculator.ts';
import { choice, figure, inAmps } from './fields.ts';
import * as messages from './messages.ts';

const copper = (gauge: FeederGauge) => sayConductor({ gauge, material: 'copper' });

/** The circuit of a motor by its horsepower. */
export const motorCalculator = calculator({
  id: 'motor',
  title: messages.motor,
  source: CITATIONS.motor,
  fields: [
    choice(
      'horsepower',
      messages.horsepower,
      MOTOR_NAMES.map((value) => ({ value, label: messages.hp(value) })),
      '1 1/2',
    ),
    choice(
      'volts',
      messages.motorVoltage,
      ([115, 230] as const).map((value) => ({ value, label: `${value} V` })),
      230,
    ),
  ],
  input: motorCircuitInput,
  answer: (question) => {
    const { fullLoadAmps, conductorAmps, gauge, breakerAmps } = motorCircuit(question);
    if (gauge === null || breakerAmps === null)
      return { headline: messages.noStandardBreaker, isOver: true, steps: [] };
    return {
      headline: messages.upToABreaker(inAmps(breakerAmps), copper(gauge)),
      isOver: false,
      steps: [
        messages.fullLoad(inAmps(fullLoadAmps)),
        messages.motorConductor(MOTOR_PERCENT.conductor, inAmps(conductorAmps), copper(gauge)),
        messages.motorBreaker(MOTOR_PERCENT.breaker, inAmps(breakerAmps)),
        messages.overloadProtects,
      ],
    };
  },
});

/** The circuit of an air conditioner or heat pump by its nameplate. */
export const compressorCalculator = calculator({
  id: 'air-conditioner',
  title: messages.compressor,
  source: CITATIONS.motorCompressor,
  fields: [
    figure('minimumAmpacity', messages.minimumAmpacity, 'A', 23),
    figure('maximumBreaker', messages.maximumBreaker, 'A', 40),
  ],
  input: compressorCircuitInput,
  answer: (question) => {
    const { gauge, leastBreakerAmps, mostBreakerAmps } = compressorCircuit(question);
    if (gauge === null || leastBreakerAmps === null)
      return {
        headline: messages.noBreakerBetween,
        isOver: true,
        steps: [messages.readTheNameplateAgain],
      };
    const from = inAmps(leastBreakerAmps);
    const most = inAmps(mostBreakerAmps);
    return {
      headline:
        leastBreakerAmps === mostBreakerAmps
          ? messages.breakerAndWire(most, copper(gauge))
          : messages.breakerFromTo(from, most, copper(gauge)),
      isOver: false,
      steps: [
        messages.conductorForMinimum(inAmps(question.minimumAmpacity), copper(gauge)),
        messages.neverAboveNameplate(most),
        messages.aTripIsNoReason,
      ],
    };
  },
});
