import type { SiteFile } from './schema.ts';

/**
 * A site file as text: a line for each row, so that a line of it can be named and two files compared. The
 * same site always gives the same text.
 *
 * @param file the site
 * @returns JSON text
 * @example serializeSiteFile(file).startsWith('{') // true
 */
export function serializeSiteFile(file: SiteFile): string {
  const parts = Object.entries(file).map(([key, value]) => {
    if (!Array.isArray(value)) return `${JSON.stringify(key)}: ${JSON.stringify(value)}`;
    if (value.length === 0) return `${JSON.stringify(key)}: []`;
    const lines = value.map((row) => JSON.stringify(row)).join(',\n');
    return `${JSON.stringify(key)}: [\n${lines}\n]`;
  });
  return `{\n${parts.join(',\n')}\n}\n`;
}

const UUID = /[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}/gi;

/**
 * The same site under new ids throughout, to stand beside the one it came from.
 *
 * @param newId gives an id nobody else has
 * @returns the copy
 * @example withNewIds(file, randomUUID).site.id // another one
 */
export function withNewIds(file: SiteFile, newId: () => string): SiteFile {
  const fresh = new Map<string, string>();
  const text = JSON.stringify(file).replace(UUID, (id) => {
    const known = fresh.get(id) ?? newId();
    fresh.set(id, known);
    return known;
  });
  return JSON.parse(text) as SiteFile;
}
