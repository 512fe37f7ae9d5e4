import fc from 'fast-check';
import { describe, expect, test } from '@jest/globals';
import { HeatMatrixDamaged, MatrixRefused, packHeatMatrix, readMatrix, unpackHeatMatrix } from './index.ts';

const cells = (text: string, unit?: 'C' | 'F') =>
  [...readMatrix(text, unit).matrix.celsius].map((value) => Math.round(value * 100) / 100);

describe('a matrix from a file', () => {
  test.each([
    ['commas', '21.5,22\n21,40'],
    ['semicolons and decimal commas', '21,5;22\n21;40'],
    ['tabs, a last one too many', '21.5\t22\t\n21\t40\t\n'],
    ['spaces', '21.5 22\n21   40'],
    ['lines of text before and behind', 'Camera: none\nUnit °C\n\n21.5,22\n21,40\nEmissivity,0.95'],
    ['JSON rows', '[[21.5,22],[21,40]]'],
    ['JSON with a name', '{"unit":"C","data":{"rows":[[21.5,22],[21,40]]}}'],
    ['JSON in one list', '{"width":2,"height":2,"celsius":[21.5,22,21,40]}'],
  ])('%s', (_what, text) => {
    expect(cells(text)).toEqual([21.5, 22, 21, 40]);
  });

  test('degrees Fahrenheit, as the file says or as a person says', () => {
    expect(cells('Temperature (°F)\n68,77\n212,32')).toEqual([20, 25, 100, 0]);
    expect(cells('68,77\n212,32', 'F')).toEqual([20, 25, 100, 0]);
    expect(readMatrix('{"unit":"F","t":[[68,77],[212,32]]}').unit).toBe('F');
  });

  test('numbered rows and columns are no temperatures', () => {
    expect(cells(',0,1,2,3\n0,20,21,22,23\n1,20,21,22,23\n2,20,21,22,23\n3,20,21,22,23')).toHaveLength(16);
  });

  test.each([
    ['nothing', '', /no rows/],
    ['words', 'hot\nhotter', /no rows/],
    ['rows of different lengths', '1,2,3\n1,2', /Row 2 has 2 values/],
    ['one row', '1,2,3', /two rows/],
    ['too hot', '20,21\n20,900', /Row 2, column 2 is 900/],
    ['a hole', '20,21\n20,x,22', /Row 2/],
    ['half a JSON', '[[1,2],[3', /cut off/],
    ['JSON of something else', '{"a":1}', /no matrix/],
  ])('refused: %s', (_what, text, why) => {
    expect(() => readMatrix(text)).toThrow(why);
  });

  test('whatever comes is a picture or refused in a sentence', () => {
    fc.assert(
      fc.property(fc.oneof(fc.string(), fc.json(), fc.stringMatching(/^[0-9,;.\n -]*$/)), (text) => {
        try {
          const { matrix } = readMatrix(text);
          expect(matrix.celsius).toHaveLength(matrix.width * matrix.height);
        } catch (error) {
          expect(error).toBeInstanceOf(MatrixRefused);
        }
      }),
    );
  });
});

test('a picture as bytes comes back, to a hundredth of a degree; what is damaged is refused', () => {
  const cell = fc.double({ min: -40, max: 600, noNaN: true });
  fc.assert(
    fc.property(
      fc.array(cell, { minLength: 12, maxLength: 12 }),
      fc.nat(60),
      fc.nat(255),
      (values, at, byte) => {
        const packed = packHeatMatrix({ width: 4, height: 3, celsius: Float32Array.from(values) });
        const back = unpackHeatMatrix(packed);
        back.celsius.forEach((value, i) => expect(Math.abs(value - values[i]!)).toBeLessThan(0.006));
        packed[Math.min(at, packed.length - 1)] = byte;
        try {
          unpackHeatMatrix(packed);
        } catch (error) {
          expect(error).toBeInstanceOf(HeatMatrixDamaged);
        }
      },
    ),
  );
});
