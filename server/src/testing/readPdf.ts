/** What a reader finds in a PDF. */
export interface ReadPdf {
  pages: number;
  /** Page by page, words parted by one space. */
  text: string[];
  title: string;
  language: string | null;
  isTagged: boolean;
  /** Every font is in the file. */
  hasFonts: boolean;
  /** Pt: how far text reaches beyond its edges; negative: it stays away from them. */
  beyond: number;
}

/** Read a PDF with another library than the one that wrote it. */
export async function readPdf(bytes: Buffer): Promise<ReadPdf> {
  // Loaded where it is needed: it is large.
  const { getDocument } = await import('pdfjs-dist/legacy/build/pdf.mjs');
  const file = await getDocument({ data: new Uint8Array(bytes), verbosity: 0 }).promise;
  const text: string[] = [];
  let beyond = -Infinity;
  for (let i = 1; i <= file.numPages; i++) {
    const page = await file.getPage(i);
    const [, , width, height] = page.view as [number, number, number, number];
    const { items } = await page.getTextContent();
    const words = items.flatMap((item) => ('str' in item && item.str.trim() !== '' ? [item] : []));
    for (const { transform, width: wide } of words) {
      const [x, y] = [transform[4] as number, transform[5] as number];
      beyond = Math.max(beyond, -x, -y, x + wide - width, y - height);
    }
    text.push(
      items
        .map((item) => ('str' in item ? item.str : ''))
        .join(' ')
        .replace(/\s+/g, ' ')
        .trim(),
    );
  }
  const { info } = (await file.getMetadata()) as { info: { Title?: string; Language?: string | null } };
  const marks = (await file.getMarkInfo()) as { Marked?: boolean } | null;
  const raw = bytes.toString('latin1');
  const fonts = raw.match(/\/Type \/FontDescriptor/g)?.length ?? 0;
  const files = raw.match(/\/FontFile\d? /g)?.length ?? 0;
  return {
    pages: file.numPages,
    text,
    title: info.Title ?? '',
    language: info.Language ?? null,
    isTagged: marks?.Marked === true,
    hasFonts: fonts > 0 && fonts === files,
    beyond,
  };
}
