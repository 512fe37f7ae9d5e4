import { z } from 'zod';

/** What a value must be, by the type that is expected. */
const MUST_BE: Record<string, string> = {
  string: 'Enter text.',
  number: 'Enter a number.',
  int: 'Enter a whole number.',
  nan: 'Enter a number.',
  boolean: 'Enter true or false.',
  array: 'Enter a list.',
  tuple: 'Enter a list.',
  object: 'Enter an object with named fields.',
  record: 'Enter an object with named fields.',
  null: 'This must be null.',
};

const FORMATS: Record<string, string> = {
  uuid: 'Enter a UUID.',
  datetime: 'Enter a date and time in UTC, such as 2026-11-03T19:05:00Z.',
  date: 'Enter a date, such as 2014-05-20.',
};

/** Names that somebody else chose, short enough to be told. */
const shown = (keys: readonly string[]) =>
  keys
    .slice(0, 3)
    .map((key) => `“${key.slice(0, 40)}”`)
    .join(', ');

/** So many choices are told in full. */
const MOST_TOLD = 16;

function choice(values: readonly string[]): string {
  if (values.length === 1) return `This must be ${values[0]}.`;
  return values.length <= MOST_TOLD
    ? `This must be one of: ${values.join(', ')}.`
    : `This is not one of the ${values.length} known values, such as ${values.slice(0, 3).join(', ')}.`;
}

const NOUNS: Record<string, string> = { string: ' characters', array: ' entries', set: ' entries' };

function bound(origin: string, limit: number | bigint, isMost: boolean): string {
  const noun = NOUNS[origin];
  if (noun === undefined) return `Enter a value of ${limit} or ${isMost ? 'less' : 'more'}.`;
  if (!isMost && Number(limit) === 1)
    return origin === 'string' ? 'This must not be empty.' : 'Enter at least one.';
  return `Enter ${isMost ? 'at most' : 'at least'} ${limit}${noun}.`;
}

/**
 * What is wrong with a piece of input, as a sentence for people. Schemas say it better where they can; this is for all
 * they do not say themselves, in place of the library’s own words.
 */
export function sayInputIssue(issue: z.core.$ZodRawIssue): string {
  switch (issue.code) {
    case 'invalid_type':
      return issue.input === undefined
        ? 'This is missing.'
        : (MUST_BE[issue.expected] ?? 'This has the wrong type.');
    case 'invalid_value':
      return choice(issue.values.map(String));
    case 'too_small':
      return bound(issue.origin, issue.minimum, false);
    case 'too_big':
      return bound(issue.origin, issue.maximum, true);
    case 'invalid_format':
      return FORMATS[issue.format] ?? 'This has the wrong format.';
    case 'unrecognized_keys':
      return `Unknown field: ${shown(issue.keys)}.`;
    case 'invalid_union':
      return issue.input === undefined ? 'This is missing.' : 'This does not match any known type.';
    default:
      return 'This is not valid here.';
  }
}

z.config({ customError: sayInputIssue });
