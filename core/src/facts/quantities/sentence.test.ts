import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { sayLength, sayNumber, sayRise, sayTemperature, sentenceText, textOf, unbroken } from './index.ts';

const ABROAD = { temperature: 'F', length: 'ft' } as const;

describe('a sentence', () => {
  const sentence = `The terminal is at ${sayTemperature(61.46)}, ${sayRise(23.64)} above ambient, ${sayLength(12)} away.`;

  test('is text late, in the units of whoever reads it', () => {
    expect(sentenceText(sentence)).toBe('The terminal is at 61.5 °C, 23.6 °C above ambient, 12 m away.');
    expect(sentenceText(sentence, ABROAD)).toBe(
      'The terminal is at 143 °F, 43 °F above ambient, 39 ft away.',
    );
  });

  test('that was stored as text by an older version stays as it is', () => {
    const older = 'The terminal is at 61.5 °C, 23.6\u202f°C above ambient.';
    expect(sentenceText(older, ABROAD)).toBe(older);
  });

  test('a quantity loses nothing on the way, however it is joined to others', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -40, max: 500, noNaN: true }),
        fc.string(),
        fc.constantFrom('C' as const, 'F' as const),
        (celsius, words, temperature) => {
          const figure =
            temperature === 'C' ? `${sayNumber(celsius)} °C` : `${sayNumber(celsius * 1.8 + 32, 0)} °F`;
          const plain = words.replaceAll('⟦', '').replaceAll('⟧', '');
          const said = sentenceText(`${plain}${sayTemperature(celsius)}${plain}`, {
            temperature,
            length: 'm',
          });
          // Nine digits are kept: a figure on the very edge of rounding may fall to the other side.
          const onEdge = Math.abs(Math.abs((celsius * (temperature === 'C' ? 10 : 1.8)) % 1) - 0.5) < 1e-4;
          if (!onEdge) expect(said).toBe(`${plain}${figure}${plain}`);
        },
      ),
    );
  });

  test('every sentence within a value becomes text; nothing else changes', () => {
    const value = {
      reasons: [{ text: sentence, figures: [{ value: 1, unit: '°C' }] }],
      none: null,
      yes: true,
    };
    expect(textOf(value)).toEqual({
      ...value,
      reasons: [{ ...value.reasons[0], text: sentenceText(sentence) }],
    });
  });

  test('figures stay with their units once it is text', () => {
    expect(unbroken(sentenceText(sayRise(34)))).toBe('34\u00a0°C');
  });
});
