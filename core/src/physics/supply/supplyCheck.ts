import { VOLTAGE_LIMITS, voltageWord } from '../../facts/limits/index.ts';
import { z } from 'zod';
import { sayPercent, sayQuantity, volts } from '../../facts/quantities/index.ts';
import * as messages from './messages.ts';

/** Both legs to neutral and from one to the other, V. */
const legs = z.object({ a: volts, b: volts, across: volts.nullable().default(null) });

export const supplyInput = z.object({
  unloaded: legs.describe('with almost no load, V'),
  loaded: legs.nullable().default(null).describe('with a large load on, V'),
});
export type SupplyInput = z.input<typeof supplyInput>;

/** Who acts on it. */
export const ACTORS = ['nobody', 'electrician', 'utility'] as const;
export type Actor = (typeof ACTORS)[number];

/** One thing that the supply shows, what it means, and who acts. */
export interface SupplyFinding {
  code: string;
  text: string;
  who: Actor;
  /** Switch off what can be harmed, and call now. */
  isDanger: boolean;
}

/** A supply that loses more than this under the house’s own load is weak, as a share. */
const WEAK = VOLTAGE_LIMITS.supplyWeak;
const WATCH = 0.02;

const v = (value: number) => sayQuantity(value, 'V');

/**
 * What the supply shows at the main: both legs to neutral, one to the other, without and under load; what each means and who
 * acts on it.
 *
 * Source: ANSI C84.1, 120 V ± 5%; a difference of more than 8 V between the legs for a bad neutral.
 *
 * @param input volts of both legs and across them (V), with nothing on and with a large load on
 * @returns findings, the gravest first; one that says all is well where nothing speaks
 * @throws ZodError where a figure is impossible
 * @example supplyCheck({ unloaded: { a: 121, b: 120, across: 241 } })[0].code // 'sound'
 */
export function supplyCheck(input: SupplyInput): SupplyFinding[] {
  const { unloaded, loaded } = supplyInput.parse(input);
  const findings: SupplyFinding[] = [];
  const add = (code: string, who: Actor, text: string, isDanger = false) =>
    findings.push({ code, who, text, isDanger });
  for (const [when, read] of [
    ['', unloaded],
    [messages.underLoad, loaded],
  ] as const) {
    if (!read) continue;
    const { a, b, across } = read;
    const words = [voltageWord(a), voltageWord(b)];
    const dead = words.filter((word) => word === 'zero').length;
    if (dead === 2) add('both-missing', 'utility', messages.noVoltageOnEitherLegThe(when));
    else if (dead === 1)
      add(
        'leg-missing',
        'utility',
        messages.legIsLostHalfOfThe(words[0] === 'zero' ? 'A' : 'B', when, v(a), v(b)),
      );
    else if (Math.abs(a - b) > VOLTAGE_LIMITS.legsUnequal)
      add('neutral', 'utility', messages.theLegsDifferByIfOne(v(Math.abs(a - b)), when, v(a), v(b)), true);
    else if (words.includes('high'))
      add(
        'high',
        'utility',
        messages.isTooHighMoreThanShortens(v(Math.max(a, b)), when, v(VOLTAGE_LIMITS.high)),
        true,
      );
    else if (words.includes('low'))
      add('low', 'utility', messages.isTooLowBelowMotorsDraw(v(Math.min(a, b)), when, v(VOLTAGE_LIMITS.low)));
    if (dead === 0 && across !== null && a + b - across > VOLTAGE_LIMITS.legsApart)
      add('same-leg', 'electrician', messages.theReadingLegToLegIs(v(across), when, v(a + b)));
  }
  if (loaded) {
    const drop = (from: number, to: number) => (from > 0 ? (from - to) / from : 0);
    const [first, second] = [drop(unloaded.a, loaded.a), drop(unloaded.b, loaded.b)];
    const worst = Math.max(first, second);
    const leg = first >= second ? 'A' : 'B';
    if (worst > WATCH && !findings.some(({ code }) => code === 'leg-missing' || code === 'neutral'))
      add(
        worst > WEAK ? 'weak' : 'soft',
        worst > WEAK ? 'utility' : 'nobody',
        messages.legDropsUnderLoad(
          leg,
          sayPercent(worst),
          worst > WEAK ? messages.checkTheMainTheLugsAnd : messages.noticeableButWithinTheRangeOf,
        ),
      );
  }
  if (findings.length === 0)
    add(
      'sound',
      'nobody',
      messages.bothLegsAreNormalAnd(v(unloaded.a), v(unloaded.b), loaded ? messages.underLoadToo : ''),
    );
  return findings.sort((x, y) => Number(y.isDanger) - Number(x.isDanger));
}
