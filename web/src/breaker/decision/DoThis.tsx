import { cautionsAt, type Decision } from '@phylaxon/core/diagnosis/decision';
import { TriangleAlert } from 'lucide-react';
import { PageSection } from '../../shared/ui/index.ts';
import { useProfile } from '../../shared/stores/index.ts';
import * as messages from './messages.ts';

/**
 * What to do now, step by step, with each caution once, where it counts. A homeowner is not told how an electrician’s work
 * is done, but that it is one’s.
 */
export function DoThis({ decision }: { decision: Decision }) {
  const profile = useProfile((state) => state.profile);
  const isOthers = decision.forElectrician && profile === 'homeowner';
  const first = cautionsAt(decision, 'first');
  if (isOthers) {
    return (
      <PageSection title={messages.doNow}>
        <Heeded cautions={first} />
        <p className="font-medium">{messages.thisIsWorkForAQualified}</p>
      </PageSection>
    );
  }
  const { steps } = decision;
  if (steps.length + first.length === 0) return null;
  return (
    <PageSection title={messages.doNow}>
      <Heeded cautions={first} />
      <Heeded title={messages.beforeTheCoverComesOff} cautions={cautionsAt(decision, 'panel')} />
      <Heeded cautions={cautionsAt(decision, 'switching')} />
      {steps.length > 0 && (
        <ol className="list-decimal space-y-1 pl-5">
          {steps.map((step) => (
            <li key={step}>{step}</li>
          ))}
        </ol>
      )}
      {cautionsAt(decision, 'rating').map((text) => (
        <p key={text} className="mt-2 text-sm text-ink-soft">
          {text}
        </p>
      ))}
    </PageSection>
  );
}

/** What to mind before the next line. */
function Heeded({ title, cautions }: { title?: string; cautions: string[] }) {
  if (cautions.length === 0) return null;
  return (
    <div className="mb-2 flex gap-2 border-l-4 border-heed pl-3">
      <TriangleAlert aria-hidden="true" className="mt-1 size-4 shrink-0 text-heed" />
      <div>
        {title && <p className="font-semibold">{title}</p>}
        {cautions.map((text) => (
          <p key={text} className={title ? undefined : 'font-medium'}>
            {text}
          </p>
        ))}
      </div>
    </div>
  );
}
