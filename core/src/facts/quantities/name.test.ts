import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { line, name } from './index.ts';

const site = name('The site name');

describe('a name', () => {
  test('is one line, whatever it was typed or pasted with', () => {
    expect(site.parse(' Shed\r\nand\tbarn\u2028north ')).toBe('Shed and barn north');
  });

  test.each([
    ['nothing', ''],
    ['spaces', '  \n '],
    ['zero-width signs only', '\u200b\u200d\ufeff'],
    ['a direction override', 'Shed \u202egnp.exe'],
    ['a direction isolate', 'Shed \u2067x'],
    ['a control character', 'Shed\u0000'],
    ['one of the upper ones', 'Shed\u009b'],
    ['half a character', 'Shed \ud83d'],
  ])('is refused where it is %s', (_what, text) => {
    expect(site.safeParse(text).success).toBe(false);
  });

  test.each(['Łódź', 'Ελλάδα', 'Дача', 'בית', 'بيت', '木工房', '4', 'नमस्ते', '🏠', 'می‌خواهم'])(
    'may be %s',
    (text) => {
      expect(site.parse(text)).toBe(text);
    },
  );

  test('law: what is taken is one line with something in it, and is taken again as it is', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 40 }), (text) => {
        const { success, data } = site.safeParse(text);
        if (!success) return;
        expect(data).not.toMatch(/[\r\n\t\u2028\u2029\u202a-\u202e\u2066-\u2069]/);
        expect(site.parse(data)).toBe(data);
      }),
    );
  });
});

test('a short text may be empty', () => {
  expect(line('A phone number', 5).parse(' \n ')).toBe('');
  expect(line('A phone number', 5).safeParse('555 01').success).toBe(false);
});
