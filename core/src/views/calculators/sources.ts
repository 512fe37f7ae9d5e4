import { z } from 'zod';
import { secondSource, secondSourceInput } from '../../code/secondSource/index.ts';
import { CITATIONS } from '../../facts/standards/index.ts';
import { calculator } from './calculator.ts';
import * as messages from './messages.ts';
import { figure, choice, inAmps, RATINGS } from './fields.ts';

/** Whether a source may feed a bus. */
export const sourceCalculator = calculator({
  id: 'second-source',
  title: messages.secondSource,
  source: CITATIONS.busSources,
  fields: [
    figure('busAmps', messages.bus, 'A', 200),
    choice('mainAmps', messages.main, RATINGS, 200),
    figure('outputAmps', messages.output, 'A', 32),
    choice('breakerAmps', messages.sourceBreaker, RATINGS, 40),
    choice(
      'position',
      messages.position,
      [
        { value: 'opposite-end', label: messages.farEnd },
        { value: 'other', label: messages.elsewhere },
      ],
      'opposite-end',
    ),
  ],
  input: z.object({
    busAmps: secondSourceInput.shape.busAmps,
    mainAmps: secondSourceInput.shape.mainAmps,
    ...secondSourceInput.shape.sources.element.omit({ id: true }).shape,
  }),
  answer: ({ busAmps, mainAmps, ...one }) => {
    const { ok, rules, reasons } = secondSource({
      ...{ busAmps, mainAmps, feed: 'end' },
      sources: [{ ...one, id: messages.source }],
    });
    return {
      headline: ok ? messages.allowed : messages.notAllowed,
      isOver: !ok,
      steps: [
        ...rules.map(({ code, valueAmps, limitAmps, ok: isKept, applies }) =>
          applies && valueAmps !== null
            ? messages.ruleSays(messages.rule[code], inAmps(valueAmps), inAmps(limitAmps), isKept)
            : messages.doesNotApply(messages.rule[code]),
        ),
        messages.oneRuleIsEnough,
        ...reasons.map(({ text }) => text),
      ],
    };
  },
});
