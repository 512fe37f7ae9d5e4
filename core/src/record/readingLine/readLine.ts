import { sayTemperature } from '../../facts/quantities/index.ts';
import { type Amount, Cursor, type Labels, type PhraseMeaning, type Token } from '../phrases/index.ts';
import { carriesSo, circumstancesAt, figuresFirstAt, resetAt, type Problem } from './events.ts';
import { outOfBounds, readingsOf } from './figures.ts';
import { labelledPlaceAt, named, numberedPlaceAt, type KnownPlace, type PlaceAt } from './places.ts';
import type { LineEntry, NotUnderstood } from './schema.ts';
import { attach, type Attached, type Item } from './things.ts';
import { holdForLine, type Circumstance } from './wholeLine.ts';
import * as messages from './messages.ts';

/** What a line is read by. */
export interface LineSetting {
  text: string;
  now: string;
  zone: string;
  places: readonly KnownPlace[];
  labels: Labels<KnownPlace>;
  here: KnownPlace | null;
  temperature: 'C' | 'F';
}

type Said = LineEntry extends infer E ? (E extends LineEntry ? Omit<E, 'placeId' | 'at'> : never) : never;

const NO_PLACE = messages.whichBreakerTypeItFirstSuch;
const BARE = messages.whichUnitTypeItAfterThe(sayTemperature(41));
const WORDS = messages.thisPartIsNotUnderstoodSee;
const PREPOSITIONS = new Set(['at', 'on', 'of', 'from', 'in', 'by']);

/**
 * What one line says, read from left to right: places, times, the air and the state of the load hold for what they stand
 * with; figures wait until their thing ends, for a word that says where they were taken.
 */
class LineReader {
  readonly entries: LineEntry[] = [];
  readonly notUnderstood: NotUnderstood[] = [];
  private i = 0;
  private place: KnownPlace | null;
  /** While a place cannot be told: the one that holds again behind the next separator. */
  private doubt: { until: 'thing' | 'line'; before: KnownPlace | null } | null = null;
  private placeSaid = false;
  /** The last place that was said, while nothing is said of it. */
  private unused: { from: number; to: number; said: number } | null = null;
  private start: 'start' | 'thing' | 'inside' = 'start';
  private items: Item[] = [];
  private moment: string | null = null;
  private readonly loads: Circumstance[] = [];
  private readonly airs: Circumstance[] = [];
  private readonly setting: LineSetting;
  private readonly cursor: Cursor;

  constructor(tokens: readonly Token[], setting: LineSetting) {
    this.cursor = new Cursor(tokens, setting);
    this.setting = setting;
    this.place = setting.here;
  }

  read(): void {
    while (this.i < this.cursor.tokens.length) this.step();
    this.leavePlace();
    this.settle();
    for (const one of this.notUnderstood) one.text = this.setting.text.slice(one.from, one.to);
  }

  /** How many things have been said or not understood. */
  private get said(): number {
    return this.entries.length + this.notUnderstood.length + this.airs.length;
  }

  private leavePlace(): void {
    this.endThing();
    if (this.unused?.said === this.said)
      this.fail(this.unused.from, this.unused.to, messages.theLineHasNoReadingType);
    this.unused = null;
  }

  private step(): void {
    const { cursor } = this;
    const token = cursor.tokens[this.i]!;
    if (token.kind === 'separator') return this.separate();
    if (this.readPlace() || this.readMoment() || this.readPlaceBehind()) return;
    const phrase = cursor.phrase(this.i);
    const amount = cursor.amount(this.i);
    if (amount && (phrase?.next ?? 0) <= amount.next) this.readFigure(amount);
    else if (phrase) this.readPhrase(phrase.meaning, phrase.next);
    else if (token.text === 'b' && this.isLegAt(this.i + 1)) {
      this.items.push({ is: 'point', point: 'leg-b', behind: false, from: token.from, to: token.to });
      this.i++;
    } else if (token.kind === 'mark' && /[:=~≈()–—-]/.test(token.text)) this.i++;
    else {
      if (token.kind === 'word' && this.start !== 'inside') this.doubtPlace();
      this.failUntil(this.i + 1, token.kind === 'number' ? BARE : WORDS);
      return;
    }
    if (phrase?.meaning.is !== 'filler') this.start = 'inside';
    else if (/^(?:and|then)$/.test(token.text) && this.start === 'inside') this.start = 'thing';
  }

  private separate(): void {
    this.endThing();
    this.i++;
    this.start = this.placeSaid || this.entries.length > 0 ? 'thing' : 'start';
    if (this.doubt?.until === 'thing') {
      this.place = this.doubt.before;
      this.doubt = null;
    }
  }

  private readPlace(): boolean {
    const { cursor, i } = this;
    const { places, labels } = this.setting;
    const phrase = cursor.phrase(i);
    // “two wires” is no place.
    const isSaid = phrase !== null && phrase.next > i + 1;
    const numbered =
      isSaid && cursor.tokens[i]!.kind === 'word'
        ? null
        : numberedPlaceAt(cursor.tokens, i, places, this.start, (at) => this.repeats(at));
    // “11/26 19:20” is a date, though there be a breaker 11.
    if (numbered && (cursor.moment(i)?.next ?? 0) <= numbered.next) return this.goTo(numbered);
    if (cursor.tokens[i]!.kind !== 'word') return false;
    const main = this.mainAt();
    const labelled = labelledPlaceAt(cursor.tokens, i, labels);
    if (main && main.next >= Math.max(i + (labelled?.length ?? 0), phrase?.next ?? 0)) return this.goTo(main);
    if (labelled && i + labelled.length > (phrase?.next ?? 0)) return this.goTo(labelled);
    // “hot water heater 41 c” must not call another breaker hot.
    if (this.start === 'inside' || phrase?.meaning.is !== 'finding') return false;
    if (cursor.tokens[phrase.next]?.kind !== 'word') return false;
    const after = labelledPlaceAt(cursor.tokens, phrase.next, labels);
    return (
      after !== null &&
      this.goTo({
        problem: messages.isThisTheNameOfA,
        next: after.next,
      })
    );
  }

  /** “14.2 a on 12”: where none was said before, the place may stand behind its figures. */
  private readPlaceBehind(): boolean {
    const { cursor, i } = this;
    if (!/^(?:on|at|for|of)$/.test(cursor.text(i)) || this.placeSaid || this.items.length === 0) return false;
    const at = cursor.text(i + 1) === 'the' ? i + 2 : i + 1;
    const { places, labels } = this.setting;
    const found =
      cursor.text(at) === 'main'
        ? this.mainAt(at)
        : (numberedPlaceAt(cursor.tokens, at, places, 'start', () => false) ??
          (cursor.tokens[at]?.kind === 'word' ? labelledPlaceAt(cursor.tokens, at, labels) : null));
    if (!found || !('place' in found)) return false;
    this.place = found.place;
    this.endThing();
    this.placeSaid = true;
    this.i = found.next;
    return true;
  }

  private mainAt(i = this.i): PlaceAt | null {
    const { cursor } = this;
    if (cursor.text(i) !== 'main') return null;
    const mains = this.setting.places.filter(({ isMain }) => isMain);
    const behind = cursor.text(i + 1) === 'breaker' ? i + 2 : i + 1;
    const next = cursor.text(behind) === ':' ? behind + 1 : behind;
    if (mains.length === 1) return { place: mains[0]!, next };
    return {
      problem:
        mains.length === 0
          ? messages.thereIsNoMainInThis
          : messages.whichOneDoYouMean(mains.map(named).join(' or ')),
      next,
    };
  }

  /** Go on at a place; where it cannot be told, what follows is not put down to another. */
  private goTo(found: PlaceAt): boolean {
    this.leavePlace();
    if ('place' in found) {
      this.unused = {
        from: this.cursor.from(this.i),
        to: this.cursor.endBefore(found.next),
        said: this.said,
      };
      this.place = found.place;
      this.doubt = null;
      this.i = found.next;
    } else {
      this.doubtPlace();
      this.failUntil(found.next, found.problem);
    }
    this.placeSaid = true;
    this.start = 'inside';
    return true;
  }

  private doubtPlace(): void {
    this.endThing();
    this.doubt ??= { until: this.placeSaid ? 'thing' : 'line', before: this.place };
    this.place = null;
  }

  /** Whether a figure would say again what this place said in this thing. */
  private repeats(at: number): boolean {
    const amount = this.cursor.amount(at);
    return this.items.some((item) => item.is === 'figure' && item.amount.of === amount?.of);
  }

  private readMoment(): boolean {
    const moment = this.cursor.moment(this.i);
    if (!moment) return false;
    if (typeof moment.at !== 'string') this.failUntil(moment.next, moment.at.problem);
    else if (this.moment !== null && this.moment !== moment.at)
      this.failUntil(moment.next, messages.aLineHasOneTimePut);
    else {
      this.moment = moment.at;
      this.i = moment.next;
    }
    return true;
  }

  private readFigure(amount: Amount): void {
    const event = figuresFirstAt(this.cursor, this.i);
    if (event) this.readEvent(event.kind, event.next, event.figures);
    else if (amount.problem !== null) this.failUntil(amount.next, amount.problem);
    else {
      this.items.push({ is: 'figure', amount, from: amount.from, to: amount.to });
      this.i = amount.next;
    }
  }

  /** “reset 12: clicks”, “tripped: breaker 12”: what happened may stand before its place. */
  private placeAfter(next: number): number {
    const { cursor } = this;
    if (this.placeSaid || this.start === 'inside') return next;
    const { places } = this.setting;
    const ends = cursor.tokens[next + 1] === undefined || cursor.isSeparator(next + 1);
    const found = numberedPlaceAt(cursor.tokens, next, places, ends ? 'start' : 'inside', () => false);
    if (!found || !('place' in found)) return next;
    this.place = found.place;
    this.doubt = null;
    this.placeSaid = true;
    return found.next;
  }

  private readPhrase(meaning: PhraseMeaning, next: number): void {
    const { cursor, i } = this;
    const span = { from: cursor.from(i), to: cursor.endBefore(next) };
    switch (meaning.is) {
      case 'filler':
        if (cursor.text(i) === 'a' && this.isLegAt(next))
          this.items.push({ is: 'point', point: 'leg-a', behind: false, ...span });
        break;
      case 'load':
        this.loads.push({ load: meaning.state, ...span });
        break;
      case 'point': {
        const at = cursor.text(i - 1) === 'the' ? i - 2 : i - 1;
        const behind = PREPOSITIONS.has(cursor.text(at)) && this.items.at(-1)?.is === 'figure';
        this.items.push({ is: 'point', point: meaning.point, behind, ...span });
        break;
      }
      case 'handle':
        if (meaning.position === 'on' && next === i + 1 && cursor.tokens[next]?.kind === 'number')
          return this.failUntil(next + 1, messages.typeTheBreakerFirstSuchAs);
        this.endThing();
        this.i = this.placeAfter(next);
        this.say({ kind: 'handle', position: meaning.position, ...span });
        return;
      case 'finding':
        this.endThing();
        this.say({ kind: 'finding', test: meaning.test, outcome: meaning.outcome, ...span });
        break;
      case 'trip':
      case 'no-trip':
        return this.readEvent(meaning.is, this.placeAfter(next), []);
      case 'holds':
        return carriesSo(cursor, next) ? this.readEvent('no-trip', next, []) : this.readReset(i);
      case 'reset': {
        const behind = this.placeAfter(next);
        return this.readReset(behind === next ? i : behind);
      }
      case 'feel':
        return this.readReset(i);
      case 'pace':
        return this.failUntil(next, messages.typeWhatHappenedSuchAsTripped);
    }
    this.i = next;
  }

  /** “main a 121 v b 120 v” */
  private isLegAt(next: number): boolean {
    return this.place?.isMain === true && this.cursor.amount(next)?.of === 'volts';
  }

  private readEvent(kind: 'trip' | 'no-trip', next: number, given: readonly Amount[]): void {
    this.endThing();
    const { amps, seconds, pace, at, problems, next: end } = circumstancesAt(this.cursor, next, given);
    const span = { from: this.cursor.from(this.i), to: this.cursor.endBefore(end) };
    this.i = end;
    if (at !== undefined) this.moment ??= at;
    if (kind === 'trip')
      this.say(
        {
          kind,
          ...(amps !== undefined && { amps }),
          ...(seconds !== undefined && { seconds }),
          ...(pace !== undefined && { pace }),
          ...span,
        },
        problems,
      );
    else if (amps !== undefined && seconds !== undefined && seconds >= 1)
      this.say({ kind, amps, seconds, ...span });
    else if (problems.length > 0) for (const { from, to, hint } of problems) this.fail(from, to, hint);
    else this.fail(span.from, span.to, messages.typeTheCurrentItCarriedAnd);
  }

  private readReset(begins: number): void {
    this.endThing();
    const { reset, at, problems, next } = resetAt(this.cursor, begins);
    const span = { from: this.cursor.from(this.i), to: this.cursor.endBefore(next) };
    this.i = next;
    if (at !== undefined) this.moment ??= at;
    this.say({ kind: 'reset', ...reset, ...span }, problems);
  }

  /** Say what waits: figures with the words that say where. */
  private endThing(): void {
    const items = attach(this.items);
    this.items = [];
    for (const item of items) this.sayItem(item);
  }

  private sayItem({ figure, point }: Attached): void {
    if (!figure) return this.fail(point.from, point.to, messages.whichReadingDoesThisBelongTo);
    const { amount } = figure;
    const from = Math.min(figure.from, point?.from ?? figure.from);
    const to = Math.max(figure.to, point?.to ?? figure.to);
    if (amount.of === 'bare' && !point) return this.fail(from, to, BARE);
    const isAir = point?.point === 'ambient';
    const inF = amount.of === 'bare' && this.setting.temperature === 'F';
    const value = inF ? ((amount.value - 32) * 5) / 9 : amount.value;
    const of = amount.of === 'bare' ? 'degrees' : amount.of;
    const problem =
      outOfBounds(isAir ? 'ambient' : of, value) ?? (amount.second && outOfBounds(of, amount.second.value));
    if (problem !== null) return this.fail(from, to, problem);
    if (isAir) {
      this.airs.push({ airC: value, from, to });
      return;
    }
    if (this.place === null) return this.fail(from, to, NO_PLACE);
    const readings = readingsOf({ ...amount, value }, point?.point ?? null, this.place);
    if (typeof readings === 'string') return this.fail(from, to, readings);
    const second = amount.second?.from ?? to;
    readings.forEach((reading, n) =>
      this.say({ ...reading, from: n === 0 ? from : second, to: n < readings.length - 1 ? second : to }),
    );
  }

  private say(said: Said, problems: readonly Problem[] = []): void {
    if (this.place === null) this.fail(said.from, said.to, NO_PLACE);
    else {
      for (const part of withoutParts(said, problems))
        this.entries.push({ ...part, placeId: this.place.id, at: '' } as LineEntry);
      for (const { from, to, hint } of problems) this.fail(from, to, hint);
    }
  }

  private fail(from: number, to: number, hint: string): void {
    const { text } = this.setting;
    const last = this.notUnderstood.at(-1);
    if (last && last.hint === hint && last.to <= from && /^\s*$/.test(text.slice(last.to, from)))
      last.to = to;
    else this.notUnderstood.push({ from, to, text: '', hint });
  }

  /** Mark the pieces up to one as not understood, and go on there. */
  private failUntil(next: number, hint: string): void {
    this.endThing();
    this.fail(this.cursor.from(this.i), this.cursor.endBefore(next), hint);
    this.i = next;
  }

  /** What holds for the whole line: its time, its air, its load. */
  private settle(): void {
    for (const entry of this.entries) entry.at = this.moment ?? this.setting.now;
    for (const { from, to } of holdForLine(this.entries, this.loads, this.airs, this.setting.text))
      this.fail(from, to, messages.theAmbientTemperatureNeedsA);
  }
}

/** An entry does not stretch over what is not understood in it: it ends before that. */
function withoutParts(said: Said, problems: readonly Problem[]): Said[] {
  const first = Math.min(...problems.map(({ from }) => from));
  return [first > said.from ? { ...said, to: Math.min(said.to, first) } : said];
}

/**
 * What one line says.
 *
 * @param tokens its pieces
 * @param setting clock, places and units it is read by
 * @returns its entries, and what is not understood, each where it stands in the text
 */
export function readLine(
  tokens: readonly Token[],
  setting: LineSetting,
): { entries: LineEntry[]; notUnderstood: NotUnderstood[] } {
  const reader = new LineReader(tokens, setting);
  reader.read();
  return reader;
}
