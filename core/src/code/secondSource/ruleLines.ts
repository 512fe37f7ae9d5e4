import { sayQuantity } from '../../facts/quantities/index.ts';
import type { SecondSource } from './schema.ts';
import * as messages from './messages.ts';

/**
 * The bus rules in words, each with its value and limit.
 *
 * @param answer of `secondSource`
 * @returns a line for each rule, that one rule is enough, and the reasons
 * @example busRuleLines(answer)[0] // '✕ Main and sources within the bus: 240 A, limit 200 A.'
 */
export const busRuleLines = ({ rules, reasons }: Pick<SecondSource, 'rules' | 'reasons'>): string[] => [
  ...rules.map(({ code, valueAmps, limitAmps, ok, applies }) =>
    applies && valueAmps !== null
      ? messages.ruleSays(messages.rule[code], sayQuantity(valueAmps, 'A'), sayQuantity(limitAmps, 'A'), ok)
      : messages.doesNotApply(messages.rule[code]),
  ),
  messages.oneRuleIsEnough,
  ...reasons.map(({ text }) => text),
];
