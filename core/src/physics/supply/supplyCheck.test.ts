import { describe, expect, test } from '@jest/globals';
import { supplyCheck } from './index.ts';

const codes = (a: number, b: number, across: number | null = null, loaded: [number, number] | null = null) =>
  supplyCheck({ unloaded: { a, b, across }, loaded: loaded && { a: loaded[0], b: loaded[1] } }).map(
    ({ code }) => code,
  );

describe('the supply', () => {
  test.each([
    [121, 120, 241, null, ['sound']],
    [121, 120, null, [120, 119.5], ['sound']],
    [121, 0.3, null, null, ['leg-missing']],
    [0, 0.2, null, null, ['both-missing']],
    [131, 109, 240, null, ['neutral']],
    [129, 128, 257, null, ['high']],
    [108, 107, 215, null, ['low']],
    [120, 120, 4, null, ['same-leg']],
    [121, 120, 241, [117, 119], ['soft']],
    [121, 120, 241, [114, 119], ['weak']],
    [121, 120, 241, [128, 112], ['neutral']],
  ] as [number, number, number | null, [number, number] | null, string[]][])(
    '%d V and %d V, %p across, %j under load: %j',
    (a, b, across, loaded, expected) => expect(codes(a, b, across, loaded).sort()).toEqual(expected.sort()),
  );

  test('a loose neutral is a danger, and goes before all else', () => {
    const [first] = supplyCheck({ unloaded: { a: 121, b: 120, across: 241 }, loaded: { a: 131, b: 108 } });
    expect(first).toMatchObject({ code: 'neutral', who: 'utility', isDanger: true });
  });
});
