import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { spokenNumber } from './spokenNumber.ts';

test.each([
  ['twelve', 12],
  ['eighteen point four', 18.4],
  ['one eighteen point four volts', 118.4],
  ['one hundred and eighteen point four', 118.4],
  ['one hundred twenty', 120],
  ['two forty one', 241],
  ['two oh eight', 208],
  ['one two one', 121],
  ['fourteen amps', 14],
  ['zero point two', 0.2],
  ['zero', 0],
  ['point three', 0.3],
  ['twenty-five', 25],
  ['minus four degrees', -4],
  ['twelve hundred', 1200],
  ['three thousand two hundred', 3200],
  ['one point oh five', 1.05],
  ['one point twenty five', 1.25],
  ['118 point 4', 118.4],
  ['Nine Point Six Volts', 9.6],
])('“%s” is %d', (text, value) => expect(spokenNumber(text)).toBeCloseTo(value, 9));

test.each([
  '',
  'dead',
  'a lot',
  'about twelve',
  'twelve or thirteen',
  'one two',
  'point',
  'one point',
  'volts',
  'twenty twenty',
])('“%s” is no figure', (text) => expect(spokenNumber(text)).toBeNull());

const ONES = 'zero one two three four five six seven eight nine'.split(' ');
const SMALL = [
  ...ONES,
  ...'ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen'.split(' '),
];
const TENS = 'twenty thirty forty fifty sixty seventy eighty ninety'.split(' ');
const under100 = (value: number): string =>
  value < 20
    ? SMALL[value]!
    : [TENS[Math.floor(value / 10) - 2], ...(value % 10 ? [ONES[value % 10]] : [])].join(' ');
const inWords = (value: number): string =>
  value < 100
    ? under100(value)
    : [`${ONES[Math.floor(value / 100)]} hundred`, ...(value % 100 ? [under100(value % 100)] : [])].join(' ');

test('every figure to 999.9 is read back as it is said', () => {
  fc.assert(
    fc.property(fc.nat(9999), (tenths) => {
      const [whole, tenth] = [Math.floor(tenths / 10), tenths % 10];
      expect(spokenNumber(`${inWords(whole)} point ${ONES[tenth]}`)).toBeCloseTo(tenths / 10, 9);
      expect(spokenNumber(inWords(whole))).toBe(whole);
    }),
  );
});
