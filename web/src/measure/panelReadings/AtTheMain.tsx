import { mainCurrentsInput } from '@phylaxon/core/physics/mainCurrents';
import { ampsOf, mainQuestion, type LegBasis, type LegsView } from '@phylaxon/core/views/legs';
import { useMemo, useState } from 'react';
import { entries } from '../../shared/api/index.ts';
import { useComputation } from '../../shared/compute/index.ts';
import { useMayDo } from '../../shared/stores/index.ts';
import {
  ampsText,
  CheckInput,
  classes,
  SendButton,
  toNumber,
  TypedInput,
  useUnits,
} from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

const FIELDS = [
  ['a', messages.legAAtTheMain],
  ['b', messages.legBAtTheMain],
  ['neutral', messages.neutralAtTheMain],
] as const;
type Typed = Record<(typeof FIELDS)[number][0], string>;
const EMPTY: Typed = { a: '', b: '', neutral: '' };
/** How grave what was found is, by the first word of its code. */
const lookOf = (code: string) =>
  code.startsWith('explained')
    ? 'border-good'
    : code === 'neutral-below'
      ? 'border-danger font-semibold'
      : 'border-heed';

/** Both legs clamped at the main, beside what the circuits carry: imbalance, and current that no circuit explains. */
export function AtTheMain({ panelId, view, basis }: { panelId: string; view: LegsView; basis: LegBasis }) {
  const mayDo = useMayDo();
  const [typed, setTyped] = useState(EMPTY);
  const [sameClamp, setSameClamp] = useState(true);
  const reading = {
    a: toNumber(typed.a),
    b: toNumber(typed.b),
    neutral: toNumber(typed.neutral) ?? null,
    sameClamp,
  };
  return (
    <section aria-label={messages.currentsAtTheMain} className="mt-5 border-t border-rule-strong pt-3">
      <h2 className="text-xl font-bold">{messages.currentsAtTheMain}</h2>
      {mayDo(2) ? (
        <>
          <p className="mt-1">{messages.clampEachLeg}</p>
          <p className="mt-1 font-medium text-danger">{messages.atTheMainYouMeasureOn}</p>
          <div className="mt-2 flex flex-wrap items-end gap-4">
            {FIELDS.map(([key, label]) => (
              <TypedInput
                key={key}
                label={label}
                value={typed[key]}
                onValue={(value) => setTyped((before) => ({ ...before, [key]: value }))}
              />
            ))}
            <CheckInput label={messages.sameClamp} checked={sameClamp} onChecked={setSameClamp} />
          </div>
          {typeof reading.a === 'number' && typeof reading.b === 'number' && (
            <Answer
              panelId={panelId}
              view={view}
              basis={basis}
              reading={{ ...reading, a: reading.a, b: reading.b }}
            />
          )}
        </>
      ) : (
        <p className="mt-1">{messages.theMainIsClampedByAnElectrician}</p>
      )}
      <Measured view={view} />
    </section>
  );
}

interface AnswerProps {
  panelId: string;
  view: LegsView;
  basis: LegBasis;
  reading: { a: number; b: number; neutral: number | null; sameClamp: boolean };
}

function Answer({ panelId, view, basis, reading: { a, b, neutral, sameClamp } }: AnswerProps) {
  const { say } = useUnits();
  const question = useMemo(
    () =>
      mainCurrentsInput.safeParse(
        mainQuestion(view, (circuit) => ampsOf(circuit, basis), { a, b, neutral, sameClamp }),
      ),
    [view, basis, a, b, neutral, sameClamp],
  );
  const answer = useComputation('main-currents', question.success ? question.data : null);
  if (!question.success)
    return (
      <p role="alert" className="mt-2 font-medium text-danger">
        {say(question.error.issues[0]!.message)}
      </p>
    );
  if (!answer) return null;
  const state = (['no-load', 'normal', 'everything-on'] as const).find((one) => one === basis) ?? 'unknown';
  return (
    <div aria-live="polite" className="mt-3 space-y-2">
      <p>{messages.legsDifferAtTheMain(ampsText(answer.imbalanceAmps))}</p>
      <ul className="space-y-1">
        {answer.reasons.map(({ code, text }) => (
          <li key={code} className={classes('border-l-8 py-1 pl-3', lookOf(code))}>
            {say(text)}
          </li>
        ))}
      </ul>
      <SendButton
        entries={() => [
          entries.panelEntry(panelId, messages.currentsAtTheMain, {
            kind: 'main-currents',
            at: new Date().toISOString(),
            content: { a, b, neutral, sameClamp, loadState: state },
          }),
        ]}
        stored={messages.currentsLogged}
        waiting={messages.keptUntilTheServerAnswers}
      >
        {messages.logTheseCurrents}
      </SendButton>
    </div>
  );
}

/** What is on record of the main: by clamp and by logger, newest first. */
function Measured({ view: { atMain, quarterHours } }: { view: LegsView }) {
  const { timeText } = useUnits();
  const rows = [
    ...atMain.map(({ entryId, at, content: { a, b, neutral } }) => ({
      ...{ key: entryId, when: at, A: a, B: b },
      how: neutral === null ? messages.byClamp : messages.byClampWithNeutral(ampsText(neutral)),
    })),
    ...quarterHours.map(({ when, A, B, days }) => ({
      ...{ key: when, when, A, B },
      how: messages.highestQuarterHour(Math.max(1, Math.round(days))),
    })),
  ].sort((x, y) => y.when.localeCompare(x.when));
  if (rows.length === 0) return null;
  return (
    <div className="mt-3 overflow-x-auto">
      <table className="w-full text-right">
        <caption className="pb-1 text-left font-semibold">{messages.measuredAtTheMain}</caption>
        <thead>
          <tr className="border-b border-rule-strong align-bottom">
            <th scope="col" className="py-1 text-left font-semibold">
              {messages.when}
            </th>
            {[messages.legA, messages.legB, messages.difference].map((title) => (
              <th key={title} scope="col" className="py-1 pl-4 font-semibold whitespace-nowrap">
                {title}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ key, when, A, B, how }) => (
            <tr key={key} className="border-b border-rule align-baseline">
              <th scope="row" className="py-1 text-left font-normal">
                {timeText(when)}
                <span className="block text-sm text-ink-soft">{how}</span>
              </th>
              {[A, B, Math.abs(A - B)].map((amps, i) => (
                <td key={i} className="figures py-1 pl-4 whitespace-nowrap">
                  {ampsText(amps)}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
