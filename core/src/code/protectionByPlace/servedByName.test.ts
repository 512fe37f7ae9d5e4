import { expect, test } from '@jest/globals';
import { servedByName } from './index.ts';

test.each([
  ['Apartment: kitchen counter', ['kitchen-counter']],
  ['Kitchen lights', ['kitchen']],
  ['Master bath', ['bathroom']],
  ['Garage and yard outlets', ['garage', 'outdoors']],
  ['EV charger', ['vehicle-outlet']],
  ['Sump pump', ['sump-pump']],
  ['Marshall amplifier', []],
  ['Birdbath heater', []],
  ['', []],
] as const)('%s: %j', (name, serves) => expect(servedByName(name)).toEqual(serves));
