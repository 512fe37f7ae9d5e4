import { ambientC, amps, millivolts, seconds, surfaceC, volts, watts } from '../../facts/quantities/index.ts';
import type { Amount, PointWord, UnitOf } from '../phrases/index.ts';
import type { KnownPlace } from './places.ts';
import type { LineReading } from './schema.ts';
import * as messages from './messages.ts';

const BOUNDS = { volts, amps, watts, millivolts, degrees: surfaceC, seconds } as const;

/**
 * Why a figure cannot be: outside what hardware can do.
 *
 * @param of what it is of
 * @param value in V, A, W, mV, °C or s
 * @returns the bounds as a sentence; `null`: it can be
 * @example outOfBounds('volts', 1184) // 'The voltage must be from 0 to 1000 V.'
 */
export function outOfBounds(of: UnitOf | 'ambient', value: number): string | null {
  const parsed = (of === 'ambient' ? ambientC : BOUNDS[of]).safeParse(value);
  return parsed.success ? null : parsed.error.issues[0]!.message;
}

/** What a figure may be taken at, by the word that says where. */
const TAKES: Readonly<Record<PointWord, readonly UnitOf[]>> = {
  terminal: ['degrees', 'volts'],
  face: ['degrees'],
  outlet: ['volts', 'amps', 'watts'],
  clamp: ['amps'],
  output: ['volts'],
  across: ['volts', 'millivolts'],
  'pole-2': ['volts'],
  'leg-a': ['volts'],
  'leg-b': ['volts'],
  ambient: ['degrees'],
};

/** Points of which a figure without a unit is a temperature. */
const WARM: ReadonlySet<PointWord> = new Set<PointWord>(['terminal', 'face', 'ambient']);

export const takes = (point: PointWord, { of }: Amount): boolean =>
  of === 'bare' ? WARM.has(point) : TAKES[point].includes(of as UnitOf);

type VoltagePoint = Extract<LineReading, { quantity: 'voltage' }>['point'];
const VOLTS_AT: Partial<Record<PointWord, VoltagePoint>> = {
  outlet: 'outlet',
  across: 'legs',
  'pole-2': 'load-terminal-2',
  'leg-a': 'leg-a',
  'leg-b': 'leg-b',
};

/** A reading before it is known when and in which air it was taken. */
type Taken = LineReading extends infer R
  ? R extends LineReading
    ? Omit<R, 'placeId' | 'at' | 'from' | 'to' | 'loadState'>
    : never
  : never;

/**
 * What a figure is a reading of.
 *
 * @param amount the figure, of what its unit says
 * @param point where it was taken, as far as the line says
 * @param place the breaker
 * @returns one reading, two for a pair; or what would be understood
 */
export function readingsOf(amount: Amount, point: PointWord | null, place: KnownPlace): Taken[] | string {
  const { of, value, second } = amount;
  if (second !== null && of !== 'volts') return messages.twoValuesWithASlashWork;
  switch (of) {
    case 'volts':
      if (point === 'pole-2' && place.spaces.length !== 2) return messages.thisBreakerHasOnePole;
      if (second === null)
        return [
          {
            kind: 'reading',
            quantity: 'voltage',
            point: (point && VOLTS_AT[point]) ?? 'load-terminal',
            value,
          },
        ];
      if (!place.isPair || point === 'outlet') return messages.twoValuesMeanTheLegsOf;
      return [value, second.value].map((each, n) => ({
        kind: 'reading',
        quantity: 'voltage',
        point: place.isMain
          ? (['leg-a', 'leg-b'] as const)[n]!
          : (['load-terminal', 'load-terminal-2'] as const)[n]!,
        value: each,
      }));
    case 'amps':
      return [
        { kind: 'reading', quantity: 'current', point: point === 'outlet' ? 'plug' : 'conductor', value },
      ];
    case 'watts':
      return [{ kind: 'reading', quantity: 'power', point: 'plug', value }];
    case 'millivolts':
      return [{ kind: 'reading', quantity: 'millivolts', point: 'across', value }];
    case 'degrees':
    case 'bare':
      return [
        { kind: 'reading', quantity: 'temperature', point: point === 'face' ? 'face' : 'terminal', value },
      ];
    case 'seconds':
      return messages.aTimeNeedsAnEventSuch;
  }
}
