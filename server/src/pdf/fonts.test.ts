import { describe, expect, test } from '@jest/globals';
import { readPdf } from '../testing/index.ts';
import { toPdf, unprintable } from './index.ts';
import { runsOf } from './runs.ts';

const NAMES = [
  ['Czech', 'Příliš žluťoučký kůň, Dvořák'],
  ['Polish', 'Zażółć gęślą jaźń, Łódź'],
  ['Turkish', 'İstanbul, Çağlayan, ışık'],
  ['Vietnamese', 'Nguyễn Văn Đức'],
  ['Greek', 'Εργαστήριο Αθήνα'],
  ['Russian', 'Мастерская Кузнецова, щит № 2'],
  ['Ukrainian', 'Їжак і ґанок'],
  ['Hebrew', 'בית הכנסת הגדול'],
  ['Arabic', 'ورشة النجارة'],
  ['Japanese', '木工作業場 さくら 配電盤テスト'],
  ['Chinese, simplified', '作坊配电箱的这们'],
  ['Chinese, traditional', '裝配工場電箱'],
  ['Korean', '작업장 분전반'],
  ['figures', 'Ω 5 µV → ½ ² ≤ −'],
] as const;

const drawn = (text: string) => runsOf(text)!.map((run) => run.text);

describe('what is printed has letters', () => {
  test.each(NAMES)('%s', async (_language, text) => {
    expect(unprintable(text)).toEqual([]);
    // A font that is named is there: the document is made, with every font in it.
    const pdf = await toPdf({ content: [text, { text, bold: true, italics: true }] });
    const { hasFonts, text: read } = await readPdf(pdf);
    expect(hasFonts).toBe(true);
    // Every letter is read back out of it.
    const letters = (of: string) => new Set(of.normalize('NFKC').replace(/\s/g, ''));
    expect([...letters(text)].filter((letter) => !letters(read.join('')).has(letter))).toEqual([]);
  });

  test('what no font has is named, each letter once', () => {
    expect(unprintable('Barn ⚡⚡ 𐌰, café')).toEqual(['⚡', '𐌰']);
    expect(unprintable('')).toEqual([]);
  });

  test('a text of our own letters is left as it is', () => {
    expect(runsOf('Saltmarsh Sail Loft, 120 V × 2 – “main”')).toBeNull();
    expect(runsOf('line\nline')).toBeNull();
  });
});

describe('what is written from right to left', () => {
  test('stands in its order within a line of ours, its words held together', () => {
    expect(drawn('Panel of בית ספר, main')).toEqual(['Panel of ', 'בית\u00a0ספר', ', main']);
  });

  test('figures in it keep their direction, brackets turn', () => {
    // From left to right on the page: the last word, the bracket, the figure, the first word.
    expect(drawn('לוח 12 (מרתף) אבג').join('|')).toBe('אבג|\u00a0(|מרתף|)\u00a0|12|לוח\u00a0');
  });

  test('a long text is given lines, the first on top', () => {
    const words = Array.from({ length: 40 }, (_, i) => (i % 2 ? 'מרתף' : 'לוח')).join(' ');
    const lines = drawn(words).join('').split('\n');
    expect(lines.length).toBeGreaterThan(2);
    expect(Math.max(...lines.map((line) => line.length))).toBeLessThanOrEqual(60);
    expect(lines.join(' ').replaceAll('\u00a0', ' ')).toBe(words);
  });
});
