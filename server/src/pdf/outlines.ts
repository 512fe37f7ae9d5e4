import { lettersAs, OWN_FONT } from './fonts.ts';
import { runsOf } from './runs.ts';

/** A text of a drawing, as core draws it. */
const TEXT =
  /<text x="(?<x>[-\d.]+)" y="(?<y>[-\d.]+)" font-size="(?<size>[\d.]+)" font-family="[^"]*" fill="(?<fill>#\w+)" text-anchor="(?<anchor>start|middle)"(?<bold> font-weight="bold")?>(?<text>[^<]*)<\/text>/g;

const ENTITIES: Record<string, string> = { '&lt;': '<', '&gt;': '>', '&quot;': '"', '&amp;': '&' };

/**
 * A drawing with its texts as outlines: a document opens no font for a drawing, and ours has not all letters.
 *
 * @param svg with texts as core draws them
 * @returns the same without texts
 */
export const inOutlines = (svg: string): string =>
  svg.replace(TEXT, (...given: unknown[]) => {
    const found = given.at(-1) as Record<'x' | 'y' | 'size' | 'fill' | 'anchor' | 'bold' | 'text', string>;
    const text = found.text.replace(/&\w+;/g, (entity) => ENTITIES[entity] ?? entity);
    const { paths, width } = outlined(text, found.bold === undefined ? 400 : 700, Number(found.size));
    const x = Number(found.x) - (found.anchor === 'middle' ? width / 2 : 0);
    return `<g transform="translate(${x.toFixed(2)} ${found.y})" fill="${found.fill}">${paths}</g>`;
  });

/** A text as outlines from its baseline on, as wide as it is set. */
function outlined(text: string, weight: 400 | 700, size: number): { paths: string; width: number } {
  let at = 0;
  const paths: string[] = [];
  for (const run of runsOf(text) ?? [{ text, font: OWN_FONT }]) {
    const letters = lettersAs(run.font, weight);
    const scale = size / letters.unitsPerEm;
    const { glyphs, positions } = letters.layout(run.text);
    glyphs.forEach((glyph, i) => {
      const path = glyph.path.scale(scale, -scale).toSVG();
      if (path !== '') paths.push(`<path transform="translate(${at.toFixed(2)} 0)" d="${path}"/>`);
      at += positions[i]!.xAdvance * scale;
    });
  }
  return { paths: paths.join(''), width: at };
}
