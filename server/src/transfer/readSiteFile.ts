import { createHash } from 'node:crypto';
import {
  checkSiteFile,
  siteFile,
  upgradeSiteFile,
  type FileProblem,
  type SiteFile,
} from '@phylaxon/core/sitefile';
import { parse, visit, type ParseError } from 'jsonc-parser';
import { ApiError } from '../http/index.ts';
import { plainJpeg } from '../photos/index.ts';
import { isZip, unpackSite } from './zip.ts';

/** A file that was understood, and the pictures that came with it. */
export interface ReadSite {
  file: SiteFile;
  photos: Map<string, Buffer>;
  /** The version it was written in. */
  from: number;
}

const lineAt = (text: string, offset: number): number => {
  let line = 1;
  for (let i = text.indexOf('\n'); i >= 0 && i < offset; i = text.indexOf('\n', i + 1)) line++;
  return line;
};

/** Text nested thousands deep has no line worth naming, and no parser that walks it survives. */
function unlessTooDeep(walk: () => void): void {
  try {
    walk();
  } catch (error) {
    if (!(error instanceof RangeError)) throw error;
  }
}

/** The line on which each of some places of a JSON text begins; of one that is not there, its nearest parent's. */
function linesOf(text: string, paths: readonly FileProblem['path'][]): number[] {
  const offsets = new Map<string, number>();
  const wanted = new Set(paths.flatMap((path) => path.map((_, i) => JSON.stringify(path.slice(0, i + 1)))));
  const at = (offset: number, path: () => FileProblem['path']) => {
    const key = JSON.stringify(path());
    if (wanted.has(key) && !offsets.has(key)) offsets.set(key, offset);
  };
  const options = { disallowComments: true };
  unlessTooDeep(() =>
    visit(
      text,
      {
        onObjectBegin: (offset, _l, _line, _c, path) => at(offset, path),
        onArrayBegin: (offset, _l, _line, _c, path) => at(offset, path),
        onLiteralValue: (_value, offset, _l, _line, _c, path) => at(offset, path),
      },
      options,
    ),
  );
  return paths.map((path) => {
    for (let depth = path.length; depth > 0; depth--) {
      const offset = offsets.get(JSON.stringify(path.slice(0, depth)));
      if (offset !== undefined) return lineAt(text, offset);
    }
    return 1;
  });
}

/** Problems of a file as an answer: each with its line and its field. */
function refusal(text: string, problems: readonly FileProblem[]): ApiError {
  const shown = problems.slice(0, 50);
  const lines = linesOf(
    text,
    shown.map(({ path }) => path),
  );
  const issues = shown.map(({ path, message }, i) => ({
    path: path.join('.'),
    message: `Line ${lines[i]}, ${path.join('.') || 'the file'}: ${message}`,
  }));
  return new ApiError(400, 'invalid_input', issues[0]!.message, issues);
}

function parseJson(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    const errors: ParseError[] = [];
    unlessTooDeep(() => parse(text, errors, { disallowComments: true, allowTrailingComma: false }));
    const line = lineAt(text, errors[0]?.offset ?? text.length);
    const message = `Line ${line}: this is not valid JSON here; the file may be cut off or edited by hand.`;
    throw new ApiError(400, 'invalid_input', message, [{ path: 'file', message }]);
  }
}

const asPath = (path: readonly PropertyKey[]) =>
  path.map((key) => (typeof key === 'number' ? key : String(key)));

/**
 * Understand a site file, a zip or bare JSON, of today's version or an older one.
 *
 * @throws ApiError that says which line and which field is wrong
 */
export async function readSiteFile(upload: Buffer): Promise<ReadSite> {
  if (upload.length === 0)
    throw new ApiError(400, 'invalid_input', 'The file is empty.', [
      { path: 'file', message: 'The file is empty.' },
    ]);
  const { text, photos } = isZip(upload)
    ? await unpackSite(upload)
    : { text: upload.toString('utf8'), photos: new Map<string, Buffer>() };
  const upgraded = upgradeSiteFile(parseJson(text.replace(/^\uFEFF/, '')));
  if ('message' in upgraded) throw refusal(text, [upgraded]);
  const parsed = siteFile.safeParse(upgraded.file);
  if (!parsed.success) {
    throw refusal(
      text,
      parsed.error.issues.map(({ path, message }) => ({ path: asPath(path), message })),
    );
  }
  const problems = [...checkSiteFile(parsed.data), ...photoProblems(parsed.data, photos)];
  if (problems.length > 0) throw refusal(text, problems);
  return { file: parsed.data, photos, from: upgraded.from };
}

/** Every picture on record came along, is what its name says, and is a picture. */
function photoProblems(file: SiteFile, photos: ReadonlyMap<string, Buffer>): FileProblem[] {
  const found: FileProblem[] = [];
  const known = new Set<string>();
  file.photos.forEach(({ sha256 }, i) => {
    known.add(sha256);
    if (!photos.has(sha256)) {
      found.push({
        path: ['photos', i, 'sha256'],
        message: 'This picture did not come along: import the zip.',
      });
    }
  });
  for (const [sha256, content] of photos) {
    const problem = pictureProblem(sha256, content, known);
    if (problem) found.push({ path: ['photos'], message: `photos/${sha256}.jpg: ${problem}` });
  }
  return found;
}

function pictureProblem(sha256: string, content: Buffer, known: ReadonlySet<string>): string | null {
  if (!known.has(sha256)) return 'nothing in the record speaks of it.';
  if (createHash('sha256').update(content).digest('hex') !== sha256)
    return 'its content is not what its name says.';
  try {
    return plainJpeg(content).content.equals(content) ? null : 'it carries more than a picture.';
  } catch (error) {
    return error instanceof Error ? error.message : 'it is no picture.';
  }
}
