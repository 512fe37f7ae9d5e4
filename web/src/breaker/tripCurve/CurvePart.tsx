import { CITATIONS } from '@phylaxon/core/facts/standards';
import { useState } from 'react';
import { ampsText, PageSection, useUnits } from '../../shared/ui/index.ts';
import { useProfile } from '../../shared/stores/index.ts';
import { AskBox } from './AskBox.tsx';
import { CurveChart } from './CurveChart.tsx';
import { FamilyCurve } from './FamilyCurve.tsx';
import type { PartProps } from './partProps.ts';
import * as messages from './messages.ts';

/** The time-current curve of the breaker, with what is on record of it, and a question to it. */
export function CurvePart({ detail }: PartProps) {
  const { say, dateText } = useUnits();
  const { breaker, trials } = detail;
  const [asked, setAsked] = useState<number | null>(null);
  const profile = useProfile((state) => state.profile);
  return (
    <div className="space-y-6">
      <PageSection title={messages.calculateATripTime}>
        <AskBox key={breaker.id} detail={detail} onAsked={setAsked} />
      </PageSection>
      <PageSection title={messages.tripCurveOfABreaker(ampsText(breaker.ratingAmps))}>
        <CurveChart detail={detail} asked={asked} />
        <p className="mt-1 text-sm text-ink-soft">
          {detail.curve ? messages.bandThePrintedCurveOf(detail.curve.family) : ''}
          {CITATIONS.thermalTrip}.{breaker.kind !== 'standard' && messages.theElectronicsInThisBreakerCan}
        </p>
      </PageSection>
      {trials.length > 0 && (
        <PageSection title={messages.onRecord}>
          <ul className="divide-y divide-rule">
            {trials.map(({ eventId, at, outcome, text }) => (
              <li key={eventId} className="py-2">
                <span aria-hidden="true" className="mr-1">
                  {outcome === 'tripped' ? '▼' : '○'}
                </span>
                {say(text)} <span className="text-sm text-ink-soft">{dateText(at)}</span>
              </li>
            ))}
          </ul>
        </PageSection>
      )}
      {profile === 'electrician' && <FamilyCurve key={detail.curve?.version ?? 0} detail={detail} />}
    </div>
  );
}
