import {
  type ReadingInput,
  type Quantity,
  LOAD_STATES,
  QUANTITY_UNITS,
} from '@phylaxon/core/record/entities';
import { INSTRUMENTS } from '@phylaxon/core/facts/instruments';
import { ambientC, amps, millivolts, surfaceC, volts, watts } from '@phylaxon/core/facts/quantities';
import { z } from 'zod';
import { inUnit, type Units } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

export type ReadingPoint = ReadingInput['point'];

/** A field of the form: of each point one, at the plug one for amps and one for watts. */
export type Field = ReadingPoint | 'watts';

export interface ReadingPlace {
  field: Field;
  point: ReadingPoint;
  quantity: Quantity;
  unit: string;
  label: string;
}

const at = (quantity: Quantity, point: ReadingPoint, label: string, field: Field = point): ReadingPlace => ({
  field,
  point,
  quantity,
  unit: QUANTITY_UNITS[quantity],
  label,
});

/** Where readings are taken, in the order of work: cover closed first. */
export const READING_PLACES: ReadingPlace[] = [
  at('voltage', 'outlet', 'Outlet'),
  at('voltage', 'load-terminal', messages.loadTerminal),
  at('voltage', 'load-terminal-2', messages.loadTerminal2ndPole),
  at('voltage', 'legs', messages.poleToPoleOrLegTo),
  at('voltage', 'leg-a', messages.supplyLegAToNeutral),
  at('voltage', 'leg-b', messages.supplyLegBToNeutral),
  at('current', 'plug', messages.plugInMeter),
  at('current', 'conductor', messages.onItsConductor),
  at('power', 'plug', messages.plugInMeter, 'watts'),
  at('temperature', 'face', messages.breakerFace),
  at('temperature', 'terminal', 'Terminal'),
  at('millivolts', 'across', messages.lineToLoadUnderLoad),
];

export const TITLES: Record<Quantity, string> = {
  voltage: messages.voltage,
  current: messages.current,
  power: messages.power,
  temperature: messages.surfaceTemperature,
  millivolts: messages.voltageDropAcrossTheClosed,
};

export const formIn = ({ toCelsius }: Units) =>
  z
    .object({
      at: z.string().min(1, messages.sayWhen),
      loadState: z.enum(LOAD_STATES),
      instrument: z.enum(INSTRUMENTS),
      ambient: inUnit(ambientC, toCelsius),
      outlet: volts.nullable(),
      'load-terminal': volts.nullable(),
      'load-terminal-2': volts.nullable(),
      'leg-a': volts.nullable(),
      'leg-b': volts.nullable(),
      legs: volts.nullable(),
      watts: watts.nullable(),
      across: millivolts.nullable(),
      plug: amps.nullable(),
      conductor: amps.nullable(),
      face: inUnit(surfaceC, toCelsius),
      terminal: inUnit(surfaceC, toCelsius),
    })
    .superRefine((values, context) => {
      if (READING_PLACES.every(({ field }) => values[field] === null)) {
        context.addIssue({ code: 'custom', path: ['at'], message: messages.enterAtLeastOneReadingBelow });
      }
      if ((values.face !== null || values.terminal !== null) && values.ambient === null) {
        context.addIssue({
          code: 'custom',
          path: ['ambient'],
          message: messages.aSurfaceTemperatureNeedsThe,
        });
      }
    });

export type Values = z.output<ReturnType<typeof formIn>>;
