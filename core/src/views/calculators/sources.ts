import { z } from 'zod';
import { busRuleLines, secondSource, secondSourceInput } from '../../code/secondSource/index.ts';
import { CITATIONS } from '../../facts/standards/index.ts';
import { calculator } from './calculator.ts';
import * as messages from './messages.ts';
import { figure, choice, RATINGS } from './fields.ts';

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
    const found = secondSource({
      ...{ busAmps, mainAmps, feed: 'end' },
      sources: [{ ...one, id: messages.source }],
    });
    return {
      headline: found.ok ? messages.allowed : messages.notAllowed,
      isOver: !found.ok,
      steps: busRuleLines(found),
    };
  },
});
