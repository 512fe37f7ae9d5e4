import {
  SITE_FILE_VERSION,
  SITE_LISTS,
  siteFile,
  tooMany,
  upgradeRow,
  versionOf,
  type FileProblem,
  type SiteFile,
  type SiteList,
} from '@phylaxon/core/views/siteFile';
import { Tokenizer, TokenParser, TokenType } from '@streamparser/json';
import { LIMITS } from './limits.ts';
import { FileRefused } from './refusal.ts';
import * as messages from './messages.ts';

type Path = FileProblem['path'];
type Issue = { path: PropertyKey[]; message: string };
type Token = Parameters<Tokenizer['onToken']>[0];

/** Ends the reading of a file: what is wrong is known. */
class Enough extends Error {}

const isList = (key: string): key is SiteList => Object.hasOwn(SITE_LISTS, key);
const HEAD = ['format', 'version', 'site'] as const;

/** A site as it was read, and the version it was written in. */
export interface ReadSite {
  file: SiteFile;
  from: number;
}

/**
 * Reads a site file as it comes in, row by row: each row is brought up to today’s version and checked by itself, and
 * nothing is kept of a row that is wrong. Depth, rows and the size of a row are bounded before any value is made of
 * them. Where a row stands is known because its line was counted on the way.
 */
export class SiteRows {
  private readonly tokenizer = new Tokenizer();
  private readonly parser: TokenParser;
  private readonly lists = Object.fromEntries(
    Object.keys(SITE_LISTS).map((list) => [list, []]),
  ) as unknown as Record<SiteList, unknown[]>;
  private readonly lines = new Map<string, number[]>();
  private readonly head: Record<string, unknown> = {};
  private readonly others: Record<string, unknown> = {};
  private readonly seen = new Set<string>();
  private readonly ids = new Map<string, Set<string>>();
  private readonly problems: { path: Path; message: string; line: number }[] = [];
  private from: number | null = null;
  private failure: FileRefused | null = null;

  /** What is open: an object, or a list; and whether a name comes next. */
  private readonly open: boolean[] = [];
  private nameNext = false;
  /** The names that lead to what is open, as far as the file’s own. */
  private readonly names: string[] = [];
  /** The list whose rows come. */
  private list: SiteList | null = null;
  private tokens = 0;
  private rowLine = 1;
  private fieldLines = new Map<string, number>();

  private chunk: Uint8Array = new Uint8Array();
  private chunkStart = 0;
  private counted = 0;
  private line = 1;
  private lastToken = 0;

  /**
   * @param inside the names under which the site lies in the file; none: it is the file
   * @param besides names beside the site that are read as they are, and how far they may go is theirs
   */
  constructor(
    private readonly inside: readonly string[] = [],
    private readonly besides: readonly string[] = [],
  ) {
    const at = (...names: string[]) => ['$', ...names].join('.');
    this.parser = new TokenParser({
      keepStack: false,
      paths: [
        ...Object.keys(SITE_LISTS).map((list) => at(...inside, list, '*')),
        ...HEAD.map((key) => at(...inside, key)),
        ...besides.map((key) => at(key)),
      ],
    });
    this.parser.onValue = ({ value, key, stack }) => this.onValue(value, key, stack.length);
    this.tokenizer.onToken = (token) => {
      this.look(token);
      this.parser.write(token);
    };
    this.tokenizer.onError = (error) => this.broken(error);
    this.parser.onError = (error) => this.broken(error);
  }

  /** The next piece of the file. */
  write(chunk: Uint8Array): void {
    this.chunk = chunk;
    this.counted = 0;
    this.guarded(() => this.tokenizer.write(chunk));
    this.countLines(this.chunkStart + chunk.length);
    this.chunkStart += chunk.length;
    if (this.chunkStart - this.lastToken > LIMITS.tokenBytes)
      throw this.at(this.line, messages.aTextNumberOrGapHere);
  }

  /**
   * What was read, once all of it came.
   *
   * @throws FileRefused that names lines and fields
   */
  end(): ReadSite & { others: Record<string, unknown> } {
    this.guarded(() => this.tokenizer.end());
    if (!this.parser.isEnded) throw this.at(this.line, CUT);
    const from = this.version();
    const site = siteFile.shape.site.safeParse(this.head.site);
    if (!site.success) this.note(['site'], site.error.issues, this.lines.get('site')?.[0] ?? 1);
    this.refuseIfWrong();
    const file = {
      format: siteFile.shape.format.parse(this.head.format),
      version: SITE_FILE_VERSION,
      site: site.data!,
      ...this.lists,
    } as SiteFile;
    return { file, from, others: this.others };
  }

  /** Problems that show only when all rows are known, as one refusal. */
  refusal(problems: readonly FileProblem[]): FileRefused {
    for (const { path, message } of problems.slice(0, LIMITS.problems)) {
      const [list, i] = path;
      const line = this.lines.get(String(list))?.[typeof i === 'number' ? i : 0] ?? 1;
      this.problems.push({ path, message, line });
    }
    return this.allProblems();
  }

  private guarded(work: () => void): void {
    try {
      work();
    } catch (error) {
      if (!(error instanceof Enough)) throw error;
    }
    if (this.failure) throw this.failure;
    if (this.problems.length >= LIMITS.problems) throw this.allProblems();
  }

  private broken(error: Error): never {
    if (error instanceof FileRefused) this.failure ??= error;
    else if (!(error instanceof Enough)) this.failure ??= this.at(this.line, CUT);
    throw new Enough();
  }

  private at(line: number, message: string): FileRefused {
    const text = messages.line(line, message);
    return new FileRefused(text, [{ path: 'file', message: text }]);
  }

  private stop(message: string): never {
    this.failure = this.at(this.line, message);
    throw new Enough();
  }

  /** Look at a token before anything is made of it: how deep, how many, under which name. */
  private look({ token, value, offset }: Token): void {
    this.countLines(offset);
    this.lastToken = offset;
    const depth = this.open.length;
    const base = this.inside.length;
    const isOpening = token === TokenType.LEFT_BRACE || token === TokenType.LEFT_BRACKET;
    const isClosing = token === TokenType.RIGHT_BRACE || token === TokenType.RIGHT_BRACKET;
    if (++this.tokens > LIMITS.rowTokens) this.stop(messages.aRowIsLongerThanPhylaxon);
    if (this.nameNext && token === TokenType.STRING) {
      this.nameNext = false;
      if (depth <= base + 1) this.onName(String(value), depth);
      else if (depth === base + 3) this.fieldLines.set(String(value), this.line);
      return;
    }
    if (token === TokenType.COMMA) this.nameNext = this.open.at(-1) === true;
    else if (isClosing) {
      this.open.pop();
      this.nameNext = false;
    } else if (token !== TokenType.COLON) {
      if (this.list !== null && depth === base + 1 && token !== TokenType.LEFT_BRACKET)
        this.stop(messages.mustBeAList(this.list));
      if (this.list !== null && depth === base + 2) this.onRow();
      if (!isOpening) return;
      if (depth >= LIMITS.depth) this.stop(messages.theDataIsNestedDeeperThan);
      this.open.push(token === TokenType.LEFT_BRACE);
      this.nameNext = token === TokenType.LEFT_BRACE;
    }
  }

  private onRow(): void {
    this.tokens = 0;
    this.rowLine = this.line;
    if (this.fieldLines.size > 0) this.fieldLines = new Map();
  }

  /** A name of the file’s own, or of the site’s in it. */
  private onName(name: string, depth: number): void {
    const isLeadingIn = this.inside.slice(0, depth - 1).every((one, i) => one === this.names[i]);
    // Within what lies beside the site, names are nobody’s business here.
    if (!isLeadingIn) return;
    this.names.length = depth - 1;
    this.names.push(name);
    this.tokens = 0;
    const path = this.names.join('.');
    if (this.seen.has(path)) this.stop(messages.isListedTwice(name.slice(0, 40)));
    this.seen.add(path);
    const isSite = depth === this.inside.length + 1;
    const isKnown = isSite
      ? isList(name) || (HEAD as readonly string[]).includes(name)
      : name === this.inside[depth - 1] || this.besides.includes(name);
    // A file of a newer version may hold what nobody here knows: that is told first.
    if (!isKnown && this.head.version !== undefined) this.version();
    if (!isKnown) this.stop(messages.isNotPartOfThisType(name.slice(0, 40)));
    this.list = isSite && isList(name) ? name : null;
    this.lines.set(name, this.list ? [] : [this.line]);
    // Lists are read by the file’s version, so that comes first.
    if (this.list) this.version();
  }

  private version(): number {
    if (this.from !== null) return this.from;
    const from = versionOf(this.head.format, this.head.version);
    if (typeof from === 'number') return (this.from = from);
    const line = this.lines.get(String(from.path[0]))?.[0] ?? 1;
    const message = messages.lineWithPath(line, from.path.join('.'), from.message);
    throw new FileRefused(message, [{ path: from.path.join('.'), message }]);
  }

  private onValue(value: unknown, key: unknown, stackLength: number): void {
    if (typeof key === 'number') return this.takeRow(this.list!, value, key);
    const isSite = stackLength === this.inside.length + 1;
    (isSite && (HEAD as readonly string[]).includes(String(key)) ? this.head : this.others)[String(key)] =
      value;
  }

  private takeRow(given: SiteList, value: unknown, index: number): void {
    const lines = this.lines.get(given)!;
    if (index >= SITE_LISTS[given].most) this.stop(tooMany(SITE_LISTS[given].most));
    lines.push(this.rowLine);
    for (const { list, row } of upgradeRow({ list: given, row: value }, this.version())) {
      const parsed = SITE_LISTS[list as SiteList].row.safeParse(row);
      const issues = parsed.success ? this.strangers(list, parsed.data) : parsed.error.issues;
      if (issues.length > 0) this.note([list, index], issues, this.rowLine, this.fieldLines);
      else this.lists[list as SiteList].push(parsed.data);
    }
    if (this.problems.length >= LIMITS.problems) throw new Enough();
  }

  /** What is wrong with a row beside those that came before it: found here, a file of such rows is not read to its end. */
  private strangers(list: string, row: { id: string; breakerId?: string | null }): Issue[] {
    const ids = this.ids.get(list) ?? new Set();
    this.ids.set(list, ids);
    if (ids.has(row.id)) return [{ path: ['id'], message: messages.thisIdIsUsedTwice }];
    ids.add(row.id);
    const breakers = this.ids.get('breakers');
    if (list === 'breakers' || !breakers || !row.breakerId || breakers.has(row.breakerId)) return [];
    return [{ path: ['breakerId'], message: messages.noBreakerInThisFileHas }];
  }

  private note(
    path: Path,
    issues: readonly Issue[],
    line: number,
    fieldLines: ReadonlyMap<string, number> = new Map(),
  ): void {
    for (const issue of issues.slice(0, LIMITS.problems - this.problems.length)) {
      const rest = issue.path.map((key) => (typeof key === 'number' ? key : String(key)));
      const own = fieldLines.get(String(rest[0])) ?? line;
      this.problems.push({ path: [...path, ...rest], message: issue.message, line: own });
    }
  }

  private refuseIfWrong(): void {
    if (this.problems.length > 0) throw this.allProblems();
  }

  private allProblems(): FileRefused {
    const issues = this.problems.slice(0, LIMITS.problems).map(({ path, message, line }) => ({
      path: path.join('.'),
      message: messages.lineWithPath(line, path.join('.'), message),
    }));
    return new FileRefused(issues[0]!.message, issues);
  }

  /** Count the lines of the piece at hand up to a place: each byte is looked at once. */
  private countLines(offset: number): void {
    const end = offset - this.chunkStart;
    while (this.counted < end) {
      const next = this.chunk.indexOf(10, this.counted);
      if (next < 0 || next >= end) {
        this.counted = end;
        return;
      }
      this.line++;
      this.counted = next + 1;
    }
  }
}

const CUT = messages.thisIsNotValidJsonThe;
