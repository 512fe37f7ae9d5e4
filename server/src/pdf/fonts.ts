import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import * as fontkit from 'fontkit';
import pdfMake from 'pdfmake';
import { unpackWoff } from './unpackWoff.ts';

const { resolve } = createRequire(import.meta.url);

/** The application’s own font, and those for what it has no letters for: each family in parts by ranges of signs. */
const FAMILIES = [
  'atkinson-hyperlegible-next',
  'noto-sans',
  'noto-sans-hebrew',
  'noto-sans-arabic',
  'noto-sans-sc',
  'noto-sans-tc',
  'noto-sans-jp',
  'noto-sans-kr',
] as const;
type Family = (typeof FAMILIES)[number];

/** Of signs that several countries write, each in its own way: whose font comes first. */
const KANA = /[\u3040-\u30ff]/;
const HANGUL = /[\u1100-\u11ff\u3130-\u318f\uac00-\ud7af]/;

const homeOf = (family: Family) => dirname(resolve(`@fontsource/${family}/package.json`));

type Weight = 400 | 700;
type Style = 'normal' | 'italic';

/** A part of a family, in a file of its own. */
class FontPart {
  private glyphs: Record<Weight, fontkit.Font> | null = null;

  constructor(
    private readonly family: Family,
    private readonly part: string,
    private readonly ranges: readonly (readonly [from: number, to: number])[],
  ) {}

  /** What it is called in a document. */
  get name(): string {
    return `${this.family} ${this.part}`;
  }

  /** What its file is called, as a document names it. */
  file(weight: Weight, style: Style = 'normal'): string {
    return `${this.family}-${this.part}-${weight}-${style}.woff`;
  }

  /** Its looks by their files’ names. Those of the other scripts have no italics. */
  get looks() {
    const [normal, bold] = [this.file(400), this.file(700)];
    const italics = this.isOwn ? this.file(400, 'italic') : normal;
    return { normal, bold, italics, bolditalics: bold };
  }

  private get isOwn(): boolean {
    return this.family === 'atkinson-hyperlegible-next';
  }

  /** Whether it has a sign. Its files are opened when one of its ranges is first asked for. */
  has(sign: number): boolean {
    if (!this.ranges.some(([from, to]) => sign >= from && sign <= to)) return false;
    return this.opened()[400].hasGlyphForCodePoint(sign);
  }

  /** Its letters as drawings. */
  opened(): Record<Weight, fontkit.Font> {
    if (this.glyphs) return this.glyphs;
    const unpacked = (file: string) => unpackWoff(readFileSync(join(homeOf(this.family), 'files', file)));
    for (const file of new Set(Object.values(this.looks)))
      pdfMake.virtualfs.writeFileSync(file, unpacked(file));
    const letters = (weight: Weight) => fontkit.create(unpacked(this.file(weight))) as fontkit.Font;
    return (this.glyphs = { 400: letters(400), 700: letters(700) });
  }
}

/** Such as `U+0400-045F,U+2116`. */
const rangesOf = (text: string) =>
  text.split(',').map((range): [number, number] => {
    const [from, to = from] = range.replace('U+', '').split('-') as [string, string?];
    return [parseInt(from, 16), parseInt(to!, 16)];
  });

const partsOf = (family: Family): FontPart[] => {
  const ranges = JSON.parse(readFileSync(join(homeOf(family), 'unicode.json'), 'utf8')) as Record<
    string,
    string
  >;
  // The parts of each family repeat the Latin letters: they are taken from the first that has them.
  return Object.entries(ranges).map(
    ([part, text]) => new FontPart(family, part.replace(/^\[|\]$/g, ''), rangesOf(text)),
  );
};

const PARTS = Object.fromEntries(FAMILIES.map((family) => [family, partsOf(family)])) as Record<
  Family,
  FontPart[]
>;
const OWN = PARTS['atkinson-hyperlegible-next'].find(({ name }) => name.endsWith(' latin'))!;

const PART_BY_NAME = new Map(
  Object.values(PARTS)
    .flat()
    .map((part) => [part.name, part]),
);

/** The application’s own font. */
export const OWN_FONT = OWN.name;

/** Whether our own font has all signs of a text, as most have. */
export const isOwnThroughout = (text: string): boolean =>
  [...text].every((sign) => sign === '\n' || OWN.has(sign.codePointAt(0)!));

pdfMake.setFonts(Object.fromEntries([...PART_BY_NAME].map(([name, { looks }]) => [name, looks])));
// Fonts lie in memory: no document may make the server open a file or an address.
pdfMake.setUrlAccessPolicy(() => false);
pdfMake.setLocalAccessPolicy(() => false);

/**
 * The letters of a font as drawings.
 *
 * @param name what it is called in a document
 */
export const lettersAs = (name: string, weight: Weight): fontkit.Font =>
  PART_BY_NAME.get(name)!.opened()[weight];

/** The families in the order they are asked, for a text: the far eastern ones by what else stands in it. */
function orderFor(text: string): readonly Family[] {
  const first: Family | null = KANA.test(text) ? 'noto-sans-jp' : HANGUL.test(text) ? 'noto-sans-kr' : null;
  return first === null ? FAMILIES : [...FAMILIES].sort((a, b) => rank(a, first) - rank(b, first));
}
const rank = (family: Family, first: Family) =>
  family === first ? FAMILIES.indexOf('noto-sans-sc') - 0.5 : FAMILIES.indexOf(family);

/**
 * The font that has all signs of a letter.
 *
 * @param letter a letter with its marks
 * @param text where it stands
 * @returns what it is called; null: none has it
 */
export function fontFor(letter: string, text: string): string | null {
  const signs = [...letter].map((sign) => sign.codePointAt(0)!).filter((sign) => !isUnseen(sign));
  if (signs.every((sign) => OWN.has(sign))) return OWN_FONT;
  for (const family of orderFor(text)) {
    const part = PARTS[family].find((one) => signs.every((sign) => one.has(sign)));
    if (part) return part.name;
  }
  return null;
}

/** What is not drawn: joiners, marks of direction, selectors of variants. */
const isUnseen = (sign: number) =>
  (sign >= 0x200b && sign <= 0x200f) ||
  (sign >= 0x202a && sign <= 0x202e) ||
  (sign >= 0xfe00 && sign <= 0xfe0f);
