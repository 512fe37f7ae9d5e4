import { measureKey, measuresOf, type ToMeasure } from '@phylaxon/core/visit/gates';
import { MEASURED_TO_WORDS, type ScreenStep } from '@phylaxon/core/views/visit';
import { useId } from 'react';
import { voltsText } from '../../shared/ui/index.ts';
import { useVisitWork } from '../visitRecord/index.ts';
import { stepKey } from './answers.ts';
import { FigureCell } from './FigureCell.tsx';
import type { useStepAnswers } from './useStepAnswers.ts';
import * as messages from './messages.ts';

type MeasureStep = Extract<ScreenStep, { kind: 'measure' }>;

interface Props {
  /** What is still to be measured at one place. */
  measures: readonly MeasureStep[];
  id: string;
  poles: 1 | 2;
  answers: ReturnType<typeof useStepAnswers>;
}

/** The dead readings of one place as one table: each pole to neutral, to ground, and to the other pole. */
export function DeadTable({ measures, id, poles, answers }: Props) {
  const { state } = useVisitWork();
  const cellId = useId();
  const own = measuresOf({ touched: [{ id, poles }] }).filter((one) => one.id === id);
  const columns = (['neutral', 'ground', 'other-pole'] as const).filter((to) =>
    own.some((one) => one.to === to),
  );
  const cell = (what: ToMeasure | undefined) => {
    if (!what) return null;
    const step = measures.find((one) => measureKey(one.what) === measureKey(what));
    const read = state.gates.measured.get(measureKey(what));
    if (!step)
      return read === undefined ? null : <span className="figures">{messages.deadAt(voltsText(read))}</span>;
    const key = stepKey(step);
    return (
      <div data-step={key}>
        <FigureCell
          id={`${cellId} ${key}`}
          label={messages.poleTo(what.pole, MEASURED_TO_WORDS[what.to])}
          unit="V"
          field={answers.fieldOf(step)}
          isLabelHidden
        />
      </div>
    );
  };
  return (
    <table className="mt-3 w-full max-w-lg table-fixed">
      <caption className="sr-only">{messages.readings}</caption>
      <thead>
        <tr>
          <th scope="col" className="w-12 text-left font-medium">
            {messages.pole}
          </th>
          {columns.map((to) => (
            <th key={to} scope="col" className="pb-1 text-left font-medium">
              {messages.to(MEASURED_TO_WORDS[to])}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {([1, 2] as const).slice(0, poles).map((pole) => (
          <tr key={pole}>
            <th scope="row" className="figures text-left text-xl">
              {pole}
            </th>
            {columns.map((to) => (
              <td key={to} className="py-1 pr-2 align-top">
                {cell(own.find((one) => one.pole === pole && one.to === to))}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
