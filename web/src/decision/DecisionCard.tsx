import { sayConfidence, saySureness, type Decision, type NextTest } from '@phylaxon/core/diagnosis/decision';
import { classes, familyMark, Part, useUnits } from '../shared/index.ts';
import { useProfile } from '../stores/index.ts';
import { Causes } from './Causes.tsx';
import { NextTests } from './NextTests.tsx';
import { Reasons } from './Reasons.tsx';
import { StopNotice } from './StopNotice.tsx';

const EDGE = {
  stop: 'border-danger',
  act: 'border-heed',
  ask: 'border-rule-strong border-dashed',
  rest: 'border-good',
} as const;

interface Props {
  decision: Decision;
  /** Open the form that logs a test; left out, nothing can be logged here any more. */
  onLog?: (test: NextTest['test']) => void;
  /** The likely causes are told beside it already. */
  causesBeside?: boolean;
}

/** The decision: what to do, how sure, why, what would change it, what to measure next. */
export function DecisionCard({ decision, onLog, causesBeside = false }: Props) {
  const { say } = useUnits();
  const { stop, headline, steps, reasons, causes, overturnedBy, next, cautions, also } = decision;
  const mark = familyMark({ ...decision, stop: stop.active });
  const eyebrow = stop.active ? 'Once it is safe' : headline.startsWith(mark.word) ? null : mark.word;
  const onlyStop = decision.action === 'make-safe-and-call';
  return (
    <article aria-label="Decision" className={classes('border-l-8 bg-bone-raised', EDGE[mark.look])}>
      {stop.active && <StopNotice stop={stop} />}
      <div className="space-y-5 px-4 py-4">
        {!onlyStop && (
          <header>
            {eyebrow && <p className="text-sm font-semibold text-ink-soft">{eyebrow}</p>}
            <h2 className="text-2xl leading-tight font-bold text-balance">{headline}</h2>
            <HowSure decision={decision} />
            <Steps steps={steps} decision={decision} />
          </header>
        )}
        {cautions.length > 0 && (
          <ul aria-label="Cautions" className="list-disc space-y-1 border-l-4 border-heed pl-7">
            {cautions.map((caution) => (
              <li key={caution}>{caution}</li>
            ))}
          </ul>
        )}
        {next.length > 0 && decision.family === 'need-more' && (
          <Part title="Measure this next">
            <NextTests tests={next} onLog={onLog} />
          </Part>
        )}
        {!onlyStop && (
          <Part title="Why">
            <Reasons reasons={reasons} />
          </Part>
        )}
        {causes.length > 0 && !onlyStop && !causesBeside && (
          <Part title="What it may be">
            <Causes causes={causes} />
          </Part>
        )}
        {also.length > 0 && (
          <Part title="Also found">
            <ul className="space-y-1">
              {also.map((finding) => (
                <li key={finding.action}>
                  <strong>{finding.headline}.</strong> {say(finding.text)}
                </li>
              ))}
            </ul>
          </Part>
        )}
        <Part title="What would change it">
          <ul className="list-disc space-y-1 pl-5">
            {overturnedBy.map((text) => (
              <li key={text}>{say(text)}</li>
            ))}
          </ul>
        </Part>
        {next.length > 0 && decision.family !== 'need-more' && (
          <Part title="To be surer, measure">
            <NextTests tests={next} onLog={onLog} />
          </Part>
        )}
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

/** A homeowner is not told how an electrician’s work is done, but that it is one’s. */
function Steps({ steps, decision }: { steps: string[]; decision: Decision }) {
  const profile = useProfile((state) => state.profile);
  if (decision.forElectrician && profile === 'homeowner') {
    return (
      <p className="mt-2 font-medium">
        This is work for a qualified electrician. Leave the cover closed and show them this page.
      </p>
    );
  }
  if (steps.length === 0) return null;
  return (
    <ol className="mt-2 list-decimal space-y-1 pl-5">
      {steps.map((step) => (
        <li key={step}>{step}</li>
      ))}
    </ol>
  );
}
