import { MUST_OPEN_MULTIPLE } from '@phylaxon/core/facts/standards';
import { tripTimeInput, parseTripTimeQuery, type TripTimeQuery } from '@phylaxon/core/physics/tripTimeQuery';
import type { BreakerDetail } from '@phylaxon/core/views/board';
import { sayDuration, sayNumber } from '@phylaxon/core/facts/quantities';
import { useId, useState } from 'react';
import { useComputation } from '../../shared/compute/index.ts';
import { ampsText, Button, FieldError, useUnits, type Units } from '../../shared/ui/index.ts';
import { pointsOf, recordOf, sayList, sayTimes, sayOpeningTimes } from './bench.ts';
import * as messages from './messages.ts';

/** What a person would ask first: what it carries now, or somewhat more than its rating. */
const firstQuestion = ({ load, breaker }: BreakerDetail) =>
  `${sayNumber(load && load.amps > breaker.ratingAmps ? load.amps : breaker.ratingAmps * MUST_OPEN_MULTIPLE)} A`;

/** One line that takes a question as it is spoken, shows what it understood, and answers. */
export function AskBox({
  detail,
  onAsked,
}: {
  detail: BreakerDetail;
  onAsked: (amps: number | null) => void;
}) {
  const units = useUnits();
  const id = useId();
  const [text, setText] = useState(() => firstQuestion(detail));
  const [asked, setAsked] = useState<TripTimeQuery | string>(() => parseTripTimeQuery(firstQuestion(detail)));
  const ask = (next: string) => {
    const understood = parseTripTimeQuery(next);
    setAsked(understood);
    onAsked(typeof understood === 'string' ? null : understood.amps);
  };
  const { ratingAmps } = detail.breaker;
  const question = typeof asked === 'string' ? null : { ratingAmps, ...asked };
  const refused = question && tripTimeInput.safeParse(question).error?.issues[0]?.message;
  const answer = useComputation(
    'opening-time',
    question && { ...question, curve: pointsOf(detail) ?? undefined, events: recordOf(detail).events },
  );
  const wrong = typeof asked === 'string' ? asked : refused;
  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        ask(text);
      }}
    >
      <label htmlFor={id} className="block text-sm font-medium">
        {messages.tripTimeAtAGivenCurrent}
      </label>
      <div className="mt-1 flex gap-2">
        <input
          id={id}
          value={text}
          onChange={(event) => setText(event.target.value)}
          autoComplete="off"
          placeholder={messages.aAfter1HAt15}
          aria-invalid={wrong ? true : undefined}
          aria-describedby={`${id}-hint`}
          className="min-h-11 min-w-0 flex-1 rounded-sm border border-rule-strong bg-bone-raised px-3 py-2"
        />
        <Button type="submit">{messages.calculate}</Button>
      </div>
      <p id={`${id}-hint`} className="mt-1 text-sm text-ink-soft">
        {messages.forExample27AAfter1(units.temperatureText(25))}
      </p>
      <FieldError message={wrong ?? undefined} />
      {typeof asked !== 'string' && !refused && answer && (
        <div role="status" className="mt-3 border-l-4 border-rule-strong pl-4">
          <p className="text-sm text-ink-soft">{messages.calculatedFor(sayAsk(asked, units))}</p>
          <p className="mt-1">
            {messages.aSoundBreaker(
              <strong>{sayTimes(answer.sound.fastestSeconds, answer.sound.slowestSeconds)}</strong>,
              answer.openedBefore && messages.theEarlierLoadMayHaveTripped,
            )}
          </p>
          {answer.unit && (
            <p className="mt-1">
              {messages.thisBreakerByItsRecord(<strong>{sayOpeningTimes(answer.unit)}</strong>)}
            </p>
          )}
        </div>
      )}
    </form>
  );
}

function sayAsk({ amps, before, ambientC }: TripTimeQuery, { temperatureText }: Units): string {
  const ran = before.map((one) => messages.at(sayDuration(one.seconds), ampsText(one.amps)));
  const after = ran.length === 0 ? messages.fromCold : messages.after(sayList(ran));
  return messages.atAmbient(ampsText(amps), after, temperatureText(ambientC));
}
