import type { Segment } from '../breakerEstimate/index.ts';
import * as messages from './messages.ts';

/** A question about time: how long at this current, after what, in which air. */
export interface TripTimeQuery {
  amps: number;
  /** What ran before, oldest first. */
  before: Segment[];
  ambientC: number;
}

const NUMBER = String.raw`(\d+(?:[.,]\d+)?)`;
const AMPS = String.raw`${NUMBER}\s*(?:a|amps?|amperes?)\b`;
const TIME = String.raw`${NUMBER}\s*(h|hours?|hrs?|min|minutes?|mins?|s|sec|seconds?|secs?)\b`;
const AIR = new RegExp(String.raw`([−-]?\d+(?:[.,]\d+)?)\s*(?:°|deg(?:rees)?\s*)?\s*([cf])\b`);

const SECONDS: Record<string, number> = { h: 3600, m: 60, s: 1 };

/** Words people use for a time, as figures. */
const WORDS: [RegExp, string][] = [
  [/\bhalf an hour\b/g, messages.thirtyMinutes],
  [/\ba quarter of an hour\b/g, messages.fifteenMinutes],
  [/\ban hour and a half\b/g, messages.ninetyMinutes],
  [/\b(?:an|one) hour\b/g, '1 h'],
  [/\btwo hours\b/g, '2 h'],
  [/\b(?:a|one) minute\b/g, messages.oneMinute],
];

const figure = (text: string) => Number(text.replace(',', '.').replace('−', '-'));
const toSeconds = (text: string, unit: string) => figure(text) * SECONDS[unit[0]!]!;

/**
 * Understand a question as it is typed: “27 A after 1 h at 15 A at 40 °C”, “27a, 15a for an hour before”.
 * The current that stands alone is the one asked about; a current with a time ran before.
 *
 * @param text as it was typed
 * @returns the question, or what is missing in it, as a sentence
 * @example parseTripTimeQuery('27 A after an hour at 15 A at 40 °C')
 *   // { amps: 27, before: [{ amps: 15, seconds: 3600 }], ambientC: 40 }
 */
export function parseTripTimeQuery(text: string): TripTimeQuery | string {
  let left = WORDS.reduce((now, [word, figures]) => now.replace(word, figures), text.toLowerCase());
  const air = AIR.exec(left);
  let ambientC = 25;
  if (air) {
    const degrees = figure(air[1]!);
    ambientC = air[2] === 'f' ? ((degrees - 32) * 5) / 9 : degrees;
    left = left.replace(air[0], ' ');
  }
  const before: Segment[] = [];
  left = left
    .replace(
      new RegExp(String.raw`${TIME}\s*(?:at|of|with|on|,)?\s*${AMPS}`, 'g'),
      (_all, time, unit, amps) => {
        before.push({ amps: figure(amps as string), seconds: toSeconds(time as string, unit as string) });
        return ' ';
      },
    )
    .replace(new RegExp(String.raw`${AMPS}\s*(?:for|,)?\s*${TIME}`, 'g'), (_all, amps, time, unit) => {
      before.push({ amps: figure(amps as string), seconds: toSeconds(time as string, unit as string) });
      return ' ';
    });
  const alone = [...left.matchAll(new RegExp(AMPS, 'g'))].map(([, amps]) => figure(amps!));
  if (alone.length === 0) return messages.enterACurrentSuchAs27;
  if (alone.length > 1)
    return messages.whichCurrentDoYouMeanEnter(alone.map((amps) => `${amps} A`).join(' or '));
  if (/\d/.test(left.replace(new RegExp(AMPS, 'g'), ' '))) return messages.partOfThisIsNotUnderstood;
  return { amps: alone[0]!, before, ambientC };
}
