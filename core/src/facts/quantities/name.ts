import { z } from 'zod';
import { isPlainText, NOT_PLAIN } from './plainText.ts';
import * as messages from './messages.ts';

/** Ends of lines and tabs, wherever they came from: within a line they are a space. */
const LINE_ENDS = /[\t\n\v\f\r\u0085\u2028\u2029]+/g;
/** What turns the direction of all that follows, so that something else is read than what is written. */
const OVERRIDES = /[\u202a-\u202e\u2066-\u2069]/;
/** Control characters that no keyboard gives. */
const CONTROLS = /[\u007f-\u009f]/;
/** What can be seen: letters, figures, marks, symbols. */
const VISIBLE = /[\p{L}\p{N}\p{P}\p{S}]/u;

/**
 * A text as one line: each break is a space.
 *
 * @param text any text
 * @returns one line
 * @example oneLine('Shed\r\nBEGIN:VEVENT') // 'Shed BEGIN:VEVENT'
 */
export const oneLine = (text: string): string => text.replace(LINE_ENDS, ' ').trim();

/**
 * Whether a line shows what it holds: no control characters, nothing that turns its direction.
 *
 * @param line one line
 * @returns whether it does
 * @example isPlainLine('Shed') // true
 */
export const isPlainLine = (line: string): boolean =>
  isPlainText(line) && !OVERRIDES.test(line) && !CONTROLS.test(line);

/**
 * A short text of one line that may be empty, such as a phone number.
 *
 * @param what how the sentence about it begins, such as “A phone number”
 * @param most characters at most
 * @returns its schema
 * @example line('A phone number', 40).parse(' 555 0100 ') // '555 0100'
 */
export const line = (what: string, most: number) =>
  z
    .string()
    .overwrite(oneLine)
    .max(most, messages.canHaveAtMostCharacters(what, most))
    .refine(isPlainLine, NOT_PLAIN);

/**
 * A name people or programs give: one line, at least one visible character, at most 120 characters.
 *
 * @param what how the sentence about it begins, such as “The panel’s name”
 * @returns schema of the name
 * @example name('The site’s name').parse(' Shed ') // 'Shed'
 */
export const name = (what: string) =>
  z
    .string({
      error: (issue) => (issue.input === undefined ? messages.isMissing(what) : messages.mustBeText(what)),
    })
    .overwrite(oneLine)
    .min(1, messages.mustNotBeEmpty(what))
    .max(120, messages.canHaveAtMost120Characters(what))
    .refine(isPlainLine, NOT_PLAIN)
    .refine((text) => text === '' || VISIBLE.test(text), messages.mustHaveAtLeastOneVisible(what));
