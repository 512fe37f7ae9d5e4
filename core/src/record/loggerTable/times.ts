import { instantOf, monthNamed } from '../../facts/calendar/index.ts';

/** In which order a date is written. */
export type DateOrder = 'year-first' | 'month-first' | 'day-first';

/** How a table tells the time of a sample. */
export type TimeStyle =
  | { kind: 'date'; order: DateOrder }
  /** Seconds, ms, minutes or hours since the first sample, or since 1970, or days of a spreadsheet. */
  | { kind: 'elapsed'; unitMs: number }
  | { kind: 'epoch'; unitMs: number }
  | { kind: 'spreadsheet' }
  /** A time of day without a date: days follow one another. */
  | { kind: 'clock' };

const MS_A_DAY = 86_400_000;
/** So large a share of a column is times, if it is one of times: some lines are torn. */
const MOST = 0.75;
/** Day 0 of spreadsheets. */
const SPREADSHEET_EPOCH = Date.UTC(1899, 11, 30);
/** From when to when loggers exist. */
const YEARS = { from: 1980, to: 2199 };

const ISO_ZONE = /(?:z|utc|gmt|([+-])(\d\d):?(\d\d))$/i;
const CLOCK = /(\d{1,2}):(\d{2})(?::(\d{2})(?:[.,](\d{1,9}))?)?\s*([ap])?\.?m?\.?$/i;
const NUMBERS = /^(\d{1,4})\s*[-/. ]\s*(\d{1,2}|[a-z]{3,9}\.?)\s*[-/., ]\s*(\d{1,4})$/i;
const MONTH_FIRST_NAME = /^([a-z]{3,9})\.?\s+(\d{1,2}),?\s+(\d{4})$/i;

interface Day {
  year: number;
  /** 0: January. */
  month: number;
  day: number;
}

/** The parts of a date as they stand: three figures, or a month by name. */
function dateParts(
  text: string,
): { figures: [number, number, number]; digits: [number, number]; named: boolean } | null {
  const named = MONTH_FIRST_NAME.exec(text);
  if (named) {
    const month = monthNamed(named[1]!.toLowerCase());
    return month < 0
      ? null
      : { figures: [month + 1, Number(named[2]), Number(named[3])], digits: [0, 4], named: true };
  }
  const parts = NUMBERS.exec(text);
  if (!parts) return null;
  const [, a, b, c] = parts as unknown as [string, string, string, string];
  if (/^\d/.test(b))
    return { figures: [Number(a), Number(b), Number(c)], digits: [a.length, c.length], named: false };
  const month = monthNamed(b.replace('.', '').toLowerCase());
  return month < 0
    ? null
    : { figures: [Number(a), month + 1, Number(c)], digits: [a.length, c.length], named: true };
}

function dayOf(text: string, order: DateOrder): Day | null {
  const parts = dateParts(text);
  if (!parts) return null;
  const [a, b, c] = parts.figures;
  // A year of four figures at the end is none in front.
  if (order === 'year-first' && parts.digits[0] !== 4 && parts.digits[1] === 4 && !parts.named) return null;
  const yearFirst = parts.digits[0] === 4 || (order === 'year-first' && parts.digits[1] !== 4);
  // A month by name, or a year of four figures in front, leaves one order only.
  const monthFirst = parts.digits[0] === 0 || (order === 'month-first' && !parts.named);
  const [year, month, day] = yearFirst ? [a, b, c] : monthFirst ? [c, a, b] : [c, b, a];
  const whole = year < 100 ? 2000 + year : year;
  if (whole < YEARS.from || whole > YEARS.to || month < 1 || month > 12 || day < 1 || day > 31) return null;
  const date = new Date(Date.UTC(whole, month - 1, day));
  return date.getUTCDate() === day ? { year: whole, month: month - 1, day } : null;
}

/** A time of day, ms; null where there is none at the end of the text. */
function clockOf(text: string): number | null {
  const parts = CLOCK.exec(text);
  if (!parts) return null;
  let hours = Number(parts[1]);
  const half = parts[5]?.toLowerCase();
  if (half !== undefined) {
    if (hours < 1 || hours > 12) return null;
    hours = (hours % 12) + (half === 'p' ? 12 : 0);
  }
  const [minutes, seconds] = [Number(parts[2]), Number(parts[3] ?? 0)];
  if (hours > 24 || minutes > 59 || seconds > 60) return null;
  const fraction = parts[4] === undefined ? 0 : Number(`0.${parts[4]}`) * 1000;
  return ((hours * 60 + minutes) * 60 + seconds) * 1000 + Math.round(fraction);
}

/** The date and the clock of one text: apart at a T or a space. */
function parted(text: string): { date: string; clock: string; offsetMs: number | null } {
  let rest = text.trim();
  let offsetMs: number | null = null;
  const zone = ISO_ZONE.exec(rest);
  // “2026-11-02” ends in what looks like an offset: only behind a clock is it one.
  if (zone && rest.includes(':')) {
    rest = rest.slice(0, zone.index).trim();
    offsetMs = zone[1] ? (zone[1] === '-' ? -1 : 1) * (Number(zone[2]) * 60 + Number(zone[3])) * 60_000 : 0;
  }
  const clock = CLOCK.exec(rest);
  if (!clock) return { date: rest, clock: '', offsetMs };
  const date = rest.slice(0, clock.index).replace(/[T,\s]+$/i, '');
  return { date, clock: rest.slice(clock.index), offsetMs };
}

/**
 * How the times of a table are written, from some of them.
 *
 * @param texts of some samples, in their order; date and clock in one, if they stand in two columns
 * @param heading of their column
 * @returns how; `null`: as no times are written
 * @example guessTimeStyle(['27/11/2026 10:00', '27/11/2026 10:01'], 'Time') // { kind: 'date', order: 'day-first' }
 */
export function guessTimeStyle(texts: readonly string[], heading = ''): TimeStyle | null {
  const given = texts.map((text) => text.trim()).filter((text) => text !== '');
  if (given.length === 0) return null;
  const figures = given.map((text) => Number(text.replace(',', '.')));
  const isMost = <T>(list: readonly T[], is: (one: T) => boolean) =>
    list.filter(is).length >= MOST * list.length;
  if (isMost(figures, (figure) => !Number.isNaN(figure)))
    return styleOfFigures(
      figures.filter((figure) => !Number.isNaN(figure)),
      heading,
    );
  const pieces = given.map(parted);
  if (isMost(pieces, ({ date, clock }) => date === '' && clock !== '')) return { kind: 'clock' };
  // Dots part days from months where people write the day first.
  const orders: DateOrder[] = pieces[0]!.date.includes('.')
    ? ['day-first', 'month-first', 'year-first']
    : ['year-first', 'month-first', 'day-first'];
  const fits = orders.filter((order) => isMost(pieces, ({ date }) => dayOf(date, order) !== null));
  if (fits.length === 0) return null;
  // Where two orders fit, it is the one in which the days follow one another most closely.
  const spread = (order: DateOrder) => {
    const days = pieces.flatMap(({ date }) => {
      const day = dayOf(date, order);
      return day ? [utcDay(day)] : [];
    });
    return Math.max(...days) - Math.min(...days);
  };
  const closest = Math.min(...fits.map(spread));
  return { kind: 'date', order: fits.find((order) => spread(order) === closest)! };
}

const utcDay = ({ year, month, day }: Day) => Date.UTC(year, month, day) / MS_A_DAY;

function styleOfFigures(figures: readonly number[], heading: string): TimeStyle | null {
  for (let i = 1; i < figures.length; i += 1) if (figures[i]! < figures[i - 1]! - 1e9) return null;
  const [first] = figures as [number];
  if (first > 1e11 && first < 7e12) return { kind: 'epoch', unitMs: 1 };
  if (first > 3e8 && first < 7e9) return { kind: 'epoch', unitMs: 1000 };
  if (first > 29_000 && first < 110_000 && figures.some((figure) => figure % 1 !== 0))
    return { kind: 'spreadsheet' };
  const unit = /\b(ms|msec|milliseconds?)\b/i.test(heading)
    ? 1
    : /\b(min|mins|minutes?)\b/i.test(heading)
      ? 60_000
      : /\b(h|hrs?|hours?)\b/i.test(heading)
        ? 3_600_000
        : 1000;
  return { kind: 'elapsed', unitMs: unit };
}

/**
 * Reads the times of a table one after the other.
 *
 * @param style how they are written
 * @param zone in which clocks without a zone of their own are read
 * @param startMs when the first sample was taken, where the table does not say: ms since 1970
 * @returns what takes a text to ms since 1970; null for what is no time
 * @example timeReader({ kind: 'date', order: 'year-first' }, 'UTC', 0)('2026-11-27 10:00:01.5') // 1795773601500
 */
export function timeReader(style: TimeStyle, zone: string, startMs: number): (text: string) => number | null {
  switch (style.kind) {
    case 'elapsed':
      return fromFigures((figure) => startMs + Math.round(figure * style.unitMs));
    case 'epoch':
      return fromFigures((figure) => Math.round(figure * style.unitMs));
    case 'spreadsheet': {
      const local = localReader(zone);
      return fromFigures((figure) => {
        const ms = SPREADSHEET_EPOCH + Math.round(figure * MS_A_DAY);
        return local(Math.floor(ms / MS_A_DAY), ((ms % MS_A_DAY) + MS_A_DAY) % MS_A_DAY);
      });
    }
    case 'clock':
      return clockReader(zone, startMs);
    case 'date':
      return dateReader(style.order, zone);
  }
}

const fromFigures =
  (at: (figure: number) => number) =>
  (text: string): number | null => {
    const figure = text.trim() === '' ? NaN : Number(text.replace(',', '.'));
    return Number.isFinite(figure) && Math.abs(at(figure)) < 8e15 ? at(figure) : null;
  };

/** A day and a time on the wall as an instant; the zone is asked once an hour. */
function localReader(zone: string): (day: number, clockMs: number) => number {
  const known = new Map<number, number>();
  return (day, clockMs) => {
    const hour = Math.floor(clockMs / 3_600_000);
    const key = day * 25 + hour;
    let start = known.get(key);
    if (start === undefined) {
      const date = new Date(day * MS_A_DAY);
      const wall = { minutes: 0, seconds: 0, ms: 0, hours: hour };
      start = instantOf(
        { year: date.getUTCFullYear(), month: date.getUTCMonth(), day: date.getUTCDate(), ...wall },
        zone,
      );
      known.set(key, start);
    }
    return start + (clockMs - hour * 3_600_000);
  };
}

function dateReader(order: DateOrder, zone: string): (text: string) => number | null {
  const local = localReader(zone);
  const days = new Map<string, number | null>();
  const read = (text: string): number | null => {
    const piece = parted(text);
    let day = days.get(piece.date);
    if (day === undefined) {
      const found = dayOf(piece.date, order);
      day = found && utcDay(found);
      if (days.size < 10_000) days.set(piece.date, day);
    }
    const clock = piece.clock === '' ? 0 : clockOf(piece.clock);
    if (day === null || clock === null) return null;
    return piece.offsetMs === null ? local(day, clock) : day * MS_A_DAY + clock - piece.offsetMs;
  };
  // Samples of one minute differ in their seconds only: that much of a text is read once.
  let minute = '';
  let minuteMs: number | null = null;
  return (text) => {
    const at = text.lastIndexOf(':') + 1;
    if (text.charCodeAt(at - 4) !== COLON || !isSeconds(text, at)) return read(text);
    const own = text.slice(0, at);
    if (own !== minute) {
      minute = own;
      minuteMs = read(`${own}00`);
    }
    return minuteMs === null ? null : minuteMs + Math.round(Number(text.slice(at)) * 1000);
  };
}

const COLON = ':'.charCodeAt(0);
const [ZERO, NINE, POINT] = ['0', '9', '.'].map((sign) => sign.charCodeAt(0)) as [number, number, number];

/** Two figures below 60 and nothing but a fraction behind them. */
function isSeconds(text: string, at: number): boolean {
  if (text.length < at + 2 || text.charCodeAt(at) >= ZERO + 6) return false;
  for (let i = at; i < text.length; i += 1) {
    const sign = text.charCodeAt(i);
    const isDigit = sign >= ZERO && sign <= NINE;
    if (!isDigit && !(sign === POINT && i === at + 2 && text.length > i + 1)) return false;
  }
  return text.length === at + 2 || text.charCodeAt(at + 2) === POINT;
}

/** A clock that jumps back by hours has passed midnight. */
function clockReader(zone: string, startMs: number): (text: string) => number | null {
  const local = localReader(zone);
  let day = Math.floor(startMs / MS_A_DAY);
  let before: number | null = null;
  return (text) => {
    const clock = clockOf(text.trim());
    if (clock === null) return null;
    if (before !== null && clock < before - MS_A_DAY / 2) day += 1;
    before = clock;
    return local(day, clock);
  };
}
