import { unbroken } from '@phylaxon/core/facts/quantities';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import pdfMake from 'pdfmake';

/** The application’s own font, as files that a PDF can carry. */
const folder = dirname(createRequire(import.meta.url).resolve('@fontsource/atkinson-hyperlegible-next'));
const font = (weight: number, style = 'normal') =>
  join(folder, 'files', `atkinson-hyperlegible-next-latin-${weight}-${style}.woff`);

pdfMake.setFonts({
  Atkinson: { normal: font(400), bold: font(700), italics: font(400, 'italic'), bolditalics: font(700) },
});
pdfMake.setUrlAccessPolicy(() => false);
pdfMake.setLocalAccessPolicy((path) => path.startsWith(folder));

/** The font has no such signs; a figure stays with its unit. */
export const plain = (text: string): string =>
  unbroken(text).replaceAll('\u2009', ' ').replaceAll('\u202f', ' ').replaceAll('−', '-');

export { timeIn } from '@phylaxon/core/facts/calendar';
/** An instant as it is read. */
export type Time = (at: string) => string;

export const RULE = '#8b8571';
export const SOFT = '#545a52';
export const DANGER = '#b3221a';

/** A document as it is described, as a PDF in the application’s own font. */
export async function toPdf(document: { defaultStyle?: object } & Record<string, unknown>): Promise<Buffer> {
  const made = pdfMake.createPdf({
    // For who listens to it: its title, its language, its parts.
    language: 'en-US',
    displayTitle: true,
    tagged: true,
    version: '1.7',
    ...document,
    defaultStyle: { font: 'Atkinson', ...document.defaultStyle },
  });
  return Buffer.from(await made.getBuffer());
}
