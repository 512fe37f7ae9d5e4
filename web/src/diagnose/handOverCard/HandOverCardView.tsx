import type { HandOverCard } from '@phylaxon/core/diagnosis/cases';
import { saySureness } from '@phylaxon/core/diagnosis/decision';
import { PageSection, useUnits } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

/** A case on one page, for whoever takes it over. */
export function HandOverCardView({ card }: { card: HandOverCard }) {
  const { say, timeText } = useUnits();
  const { decision } = card;
  return (
    <article
      aria-label="Hand-over"
      className="grid gap-x-8 gap-y-4 border-t-4 border-ink bg-bone-raised px-4 py-4 sm:px-6 md:grid-cols-[minmax(0,3fr)_minmax(0,2fr)] print:border-t-2 print:bg-white print:p-0 print:text-sm"
    >
      <header className="md:col-span-2">
        <h1 className="text-2xl leading-tight font-bold">{card.title}</h1>
        <p>
          {card.complaint}
          {card.words && card.words !== card.title && `: “${card.words}”`}
        </p>
        <p className="text-ink-soft">
          {[card.site, card.panel, card.breaker, card.conductor && say(card.conductor)]
            .filter(Boolean)
            .join(' · ')}
        </p>
        {card.loads.length > 0 && <p className="text-ink-soft">{messages.loads(card.loads.join(', '))}</p>}
        <p className="text-ink-soft">
          {messages.openedBy(
            timeText(card.openedAt),
            card.openedBy === 'homeowner' ? messages.theHomeowner : messages.anElectrician,
          )}
        </p>
        {card.stop.length > 0 && (
          <p className="mt-2 border-l-8 border-danger pl-3 text-lg font-bold text-danger">
            {messages.stopLeaveItOff(card.stop.map(say).join(' '))}
          </p>
        )}
      </header>
      <div className="space-y-4">
        <PageSection level={2} title={messages.trialsSoFar}>
          <Lines rows={card.tried} none={messages.nothingYet} />
        </PageSection>
        <PageSection level={2} title={messages.findings}>
          <Lines rows={card.found} none={messages.nothingYet} />
        </PageSection>
        {card.notAnswered.length > 0 && (
          <PageSection level={2} title={messages.notAnswered}>
            {card.notAnswered.join(', ')}
          </PageSection>
        )}
      </div>
      <div className="space-y-4">
        <PageSection level={2} title={messages.decision}>
          <p className="text-lg leading-tight font-bold">{decision.headline}</p>
          <p className="text-ink-soft">
            {decision.confidence === null
              ? messages.notDecidedYet
              : messages.sure(saySureness(decision.confidence))}
          </p>
          <Bullets texts={decision.reasons} />
        </PageSection>
        {card.hazards.length > 0 && (
          <PageSection level={2} title={messages.doNotUseUntilRepaired}>
            <Bullets texts={card.hazards} />
          </PageSection>
        )}
        {card.untilThen.length > 0 && (
          <PageSection level={2} title={messages.untilThen}>
            <Bullets texts={card.untilThen} />
          </PageSection>
        )}
        {card.causes.length > 0 && (
          <PageSection level={2} title={messages.possibleCauses}>
            <ul>
              {card.causes.map(({ name, probability }) => (
                <li key={name} className="grid grid-cols-[3.5rem_1fr] gap-2">
                  <span className="figures">{saySureness(probability)}</span>
                  {name}
                </li>
              ))}
            </ul>
          </PageSection>
        )}
        {card.next.length > 0 && (
          <PageSection level={2} title={messages.mostUsefulNextTests}>
            <Bullets texts={card.next} />
          </PageSection>
        )}
        <PageSection level={2} title={messages.doNot}>
          <ul className="list-disc pl-5 font-medium">
            {card.doNot.map((text) => (
              <li key={text}>{text}</li>
            ))}
          </ul>
        </PageSection>
      </div>
    </article>
  );
}

function Bullets({ texts }: { texts: readonly string[] }) {
  const { say } = useUnits();
  return (
    <ul className="list-disc pl-5">
      {texts.map((text) => (
        <li key={text}>{say(text)}</li>
      ))}
    </ul>
  );
}

function Lines({ rows, none }: { rows: HandOverCard['tried']; none: string }) {
  const { timeText, say } = useUnits();
  if (rows.length === 0) return <p className="text-ink-soft">{none}</p>;
  return (
    <ol>
      {rows.map(({ at, text }, i) => (
        <li key={`${at} ${i}`} className="grid grid-cols-[9.5rem_1fr] gap-x-2 max-sm:grid-cols-1">
          <span className="figures text-sm text-ink-soft">{timeText(at)}</span>
          <span>{say(text)}</span>
        </li>
      ))}
    </ol>
  );
}
