import { z } from 'zod';

/** What a value must be, by the type that is expected. */
const MUST_BE: Record<string, string> = {
  string: 'It must be text.',
  number: 'It must be a number.',
  int: 'It must be a whole number.',
  nan: 'It must be a number.',
  boolean: 'It must be true or false.',
  array: 'It must be a list.',
  tuple: 'It must be a list.',
  object: 'It must be an object with named fields.',
  record: 'It must be an object with named fields.',
  null: 'It must be null.',
};

const FORMATS: Record<string, string> = {
  uuid: 'It must be a UUID.',
  datetime: 'It must be a date and time in UTC, such as 2026-11-03T19:05:00Z.',
  date: 'It must be a date, such as 2014-05-20.',
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
  if (values.length === 1) return `It must be ${values[0]}.`;
  return values.length <= MOST_TOLD
    ? `It must be one of: ${values.join(', ')}.`
    : `It is none of the ${values.length} that are known, such as ${values.slice(0, 3).join(', ')}.`;
}

const NOUNS: Record<string, string> = { string: ' characters', array: ' entries', set: ' entries' };

function bound(origin: string, limit: number | bigint, isMost: boolean): string {
  const noun = NOUNS[origin];
  if (noun === undefined) return `It must be ${limit} or ${isMost ? 'less' : 'more'}.`;
  if (!isMost && Number(limit) === 1)
    return origin === 'string' ? 'It must not be empty.' : 'Give at least one.';
  return `It may have ${isMost ? 'at most' : 'no fewer than'} ${limit}${noun}.`;
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
        : (MUST_BE[issue.expected] ?? 'It is of another kind.');
    case 'invalid_value':
      return choice(issue.values.map(String));
    case 'too_small':
      return bound(issue.origin, issue.minimum, false);
    case 'too_big':
      return bound(issue.origin, issue.maximum, true);
    case 'invalid_format':
      return FORMATS[issue.format] ?? 'It is not written as it should be.';
    case 'unrecognized_keys':
      return `There is no such field here: ${shown(issue.keys)}.`;
    case 'invalid_union':
      return issue.input === undefined
        ? 'This is missing.'
        : 'It is of none of the kinds that are known here.';
    default:
      return 'It is not valid here.';
  }
}

z.config({ customError: sayInputIssue });
