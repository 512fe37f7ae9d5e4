import {
  casesOfHundred,
  sayConfidence,
  saySureness,
  type Decision,
  type NextTest,
} from '@phylaxon/core/diagnosis/decision';
import type { ReactNode } from 'react';
import { classes, familyMark, PageSection, useUnits } from '../../shared/ui/index.ts';
import { Causes } from './Causes.tsx';
import { DoThis } from './DoThis.tsx';
import { Hazards } from './Hazards.tsx';
import { NextTests, type DecisionChanges } from './NextTests.tsx';
import { Reasons } from './Reasons.tsx';
import { StopNotice } from './StopNotice.tsx';
import * as messages from './messages.ts';

const EDGE = {
  stop: 'border-danger',
  act: 'border-heed',
  ask: 'border-rule-strong border-dashed',
  rest: 'border-good',
} as const;

interface Props {
  decision: Decision;
  /** Of each test to do next: what would be decided then. */
  changes?: DecisionChanges;
  /** Open the form that logs a test; left out, nothing can be logged here any more. */
  onLog?: (test: NextTest['test']) => void;
  /** The likely causes are told beside it already. */
  causesBeside?: boolean;
  /** What else belongs to doing it now. */
  children?: ReactNode;
}

/**
 * The decision, in the order of need: what it is, the reason that carries it, what to do now, what to measure next;
 * further reasons, causes, and what would change it are its details.
 */
export function DecisionCard({ decision, changes = {}, onLog, causesBeside = false, children }: Props) {
  const { say } = useUnits();
  const { stop, headline, reasons, causes, overturnedBy, next, also } = decision;
  const mark = familyMark({ ...decision, stop: stop.active });
  const eyebrow = headline.startsWith(mark.word) ? null : mark.word;
  const onlyStop = decision.action === 'make-safe-and-call';
  const [lead, ...further] = reasons;
  return (
    <article aria-label={messages.decision} className={classes('border-l-8 bg-bone-raised', EDGE[mark.look])}>
      {stop.active && <StopNotice stop={stop} />}
      <div className="space-y-5 px-4 py-4">
        {!onlyStop && (
          <header>
            {eyebrow && <p className="text-sm font-semibold text-ink-soft">{eyebrow}</p>}
            <h2 className="text-2xl leading-tight font-bold text-balance">{headline}</h2>
            <HowSure decision={decision} />
            {lead && (
              <p aria-label={messages.reason} role="note" className="mt-2 text-lg leading-snug">
                {say(lead.text)}
              </p>
            )}
          </header>
        )}
        <Hazards decision={decision} />
        {!onlyStop && decision.family !== 'need-more' && <DoThis decision={decision} />}
        {children}
        {next.length > 0 && (
          <PageSection
            title={decision.family === 'need-more' ? messages.nextTest : messages.testsThatWouldConfirmIt}
          >
            <NextTests tests={next} changes={changes} onLog={onLog} />
          </PageSection>
        )}
        {also.length > 0 && (
          <PageSection title={stop.active ? messages.afterThePanelIsSafe : messages.alsoFound}>
            <ul className="space-y-1">
              {also.map((finding) => (
                <li key={finding.action}>
                  <strong>{finding.headline}.</strong> {say(finding.text)}
                </li>
              ))}
            </ul>
          </PageSection>
        )}
        <details className="border-t border-rule pt-1">
          <summary className="flex min-h-11 items-center font-semibold underline underline-offset-4">
            {messages.details}
          </summary>
          <div className="space-y-5 pt-2">
            {!onlyStop && decision.family !== 'need-more' && (
              <p className="text-ink-soft">
                {messages.ofDecisionsLikeThis(
                  saySureness(decision.confidence),
                  casesOfHundred(decision.confidence),
                )}
              </p>
            )}
            {!onlyStop && lead && (
              <PageSection
                title={further.length > 0 ? messages.figuresAndFurtherReasons : messages.theFigures}
              >
                <Reasons lead={lead} further={further} />
              </PageSection>
            )}
            {causes.length > 0 && !onlyStop && !causesBeside && (
              <PageSection title={messages.possibleCauses}>
                <Causes causes={causes} />
              </PageSection>
            )}
            <PageSection title={messages.whatWouldChangeThisDecision}>
              <ul className="list-disc space-y-1 pl-5">
                {overturnedBy.map((text) => (
                  <li key={text}>{say(text)}</li>
                ))}
              </ul>
            </PageSection>
          </div>
        </details>
      </div>
    </article>
  );
}

function HowSure({ decision }: { decision: Decision }) {
  if (decision.family === 'need-more') return null;
  return (
    <p className="mt-1">
      <span className="figures text-lg font-semibold">{saySureness(decision.confidence)}</span>{' '}
      <span className="text-ink-soft">{sayConfidence(decision.confidence)}</span>
    </p>
  );
}
