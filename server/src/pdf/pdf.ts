import { unbroken } from '@phylaxon/core/facts/quantities';
import pdfMake from 'pdfmake';
import { inItsFonts } from './document.ts';
import { OWN_FONT } from './fonts.ts';

/** The font has no such signs; a figure stays with its unit. */
export const plainSentence = (text: string): string =>
  unbroken(text).replaceAll('\u2009', ' ').replaceAll('\u202f', ' ').replaceAll('−', '-');

export const RULE = '#8b8571';
export const SOFT = '#545a52';
export const DANGER = '#b3221a';

/** A document as it is described, as a PDF in the application’s own font, and in others for what that has not. */
export async function toPdf(document: { defaultStyle?: object } & Record<string, unknown>): Promise<Buffer> {
  const made = pdfMake.createPdf({
    // For who listens to it: its title, its language, its parts.
    language: 'en-US',
    displayTitle: true,
    tagged: true,
    version: '1.7',
    ...(inItsFonts(document) as object),
    defaultStyle: { font: OWN_FONT, ...document.defaultStyle },
  });
  return Buffer.from(await made.getBuffer());
}
