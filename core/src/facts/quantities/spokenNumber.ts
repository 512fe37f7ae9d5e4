/** The words of the numbers from zero to nineteen, in their order. */
export const SMALL_NUMBER_WORDS: readonly string[] = [
  'zero',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
  'thirteen',
  'fourteen',
  'fifteen',
  'sixteen',
  'seventeen',
  'eighteen',
  'nineteen',
];

/** The words of the tens, from twenty on. */
export const TENS_WORDS: readonly string[] = [
  'twenty',
  'thirty',
  'forty',
  'fifty',
  'sixty',
  'seventy',
  'eighty',
  'ninety',
];

const SMALL = new Map(SMALL_NUMBER_WORDS.map((word, value) => [word, value]));
const TENS = new Map(TENS_WORDS.map((word, i) => [word, 10 * (i + 2)]));
/** What people say for 0 within a figure. */
const ZEROS = ['oh', 'o'];
const POINTS = ['point', 'dot', 'decimal'];
const MINUS = ['minus', 'negative'];
/** A unit may be said after the figure: the field knows its own. */
const UNITS = /^(v|volts?|a|amps?|amperes?|mv|millivolts?|w|watts?|degrees?|ohms?|minutes?|seconds?|hours?)$/;

const digitOf = (word: string): number | null => {
  if (ZEROS.includes(word)) return 0;
  const value = SMALL.get(word) ?? (/^\d$/.test(word) ? Number(word) : undefined);
  return value !== undefined && value < 10 ? value : null;
};

/** Digits said one after the other: “one two one”, “oh five”. */
function digitsOf(words: readonly string[]): string | null {
  const digits = words.map(digitOf);
  return digits.every((digit) => digit !== null) ? digits.join('') : null;
}

/** A number below a hundred at the front of some words, and how many of them it takes. */
function belowHundred(words: readonly string[]): { value: number; takes: number } | null {
  const [first = '', second = ''] = words;
  const tens = TENS.get(first);
  if (tens !== undefined) {
    const digit = digitOf(second);
    const hasDigit = digit !== null && digit > 0;
    return { value: tens + (hasDigit ? digit : 0), takes: hasDigit ? 2 : 1 };
  }
  if (ZEROS.includes(first)) {
    const digit = digitOf(second);
    return digit === null ? { value: 0, takes: 1 } : { value: digit, takes: 2 };
  }
  const small = SMALL.get(first);
  if (small !== undefined) return { value: small, takes: 1 };
  return /^\d{1,2}$/.test(first) ? { value: Number(first), takes: 1 } : null;
}

/** A whole number: “one hundred and eighteen”, “one eighteen”, “two oh eight”, “twelve hundred”, “one two one”. */
function wholeOf(words: readonly string[]): number | null {
  if (words.length === 1 && /^\d+$/.test(words[0]!)) return Number(words[0]);
  if (words.length > 2) {
    const digits = digitsOf(words);
    if (digits !== null) return Number(digits);
  }
  const head = belowHundred(words);
  if (!head) return null;
  let rest = words.slice(head.takes);
  if (rest.length === 0) return head.value;
  if (rest[0] === 'thousand') {
    rest = rest.slice(rest[1] === 'and' ? 2 : 1);
    const under = rest.length === 0 ? 0 : wholeOf(rest);
    return under === null || under >= 1000 ? null : head.value * 1000 + under;
  }
  // “One eighteen” is 118, as it is said at a panel; so is “one hundred eighteen”.
  const isSaid = rest[0] === 'hundred';
  if (isSaid) rest = rest.slice(rest[1] === 'and' ? 2 : 1);
  else if (head.value === 0 || head.value > 9 || head.takes > 1) return null;
  if (rest.length === 0) return head.value * 100;
  const tail = belowHundred(rest);
  const isWhole =
    tail !== null && tail.takes === rest.length && (isSaid || tail.value > 9 || ZEROS.includes(rest[0]!));
  return isWhole ? head.value * 100 + tail.value : null;
}

/**
 * A figure as it is dictated: phones write numbers in words. Whatever is not wholly a figure is none.
 *
 * @param text words; a unit may follow
 * @returns the figure; null where it is none
 * @example spokenNumber('one eighteen point four volts') // 118.4
 */
export function spokenNumber(text: string): number | null {
  const said = text.toLowerCase().replaceAll('-', ' ').trim().split(/\s+/);
  const isMinus = MINUS.includes(said[0]!);
  const words = said.slice(isMinus ? 1 : 0, UNITS.test(said.at(-1)!) ? -1 : undefined);
  const point = words.findIndex((word) => POINTS.includes(word));
  const whole = wholeOf(point < 0 ? words : words.slice(0, point));
  if (whole === null && point !== 0) return null;
  const after = point < 0 ? [] : words.slice(point + 1);
  if (point >= 0 && after.length === 0) return null;
  const pair = belowHundred(after);
  const isPair = pair !== null && pair.takes === after.length && pair.value > 9;
  const decimals =
    digitsOf(after) ??
    (isPair ? String(pair.value) : after.length === 1 && /^\d+$/.test(after[0]!) ? after[0]! : null);
  if (decimals === null) return null;
  return (isMinus ? -1 : 1) * Number(`${whole ?? 0}.${decimals === '' ? '0' : decimals}`);
}
