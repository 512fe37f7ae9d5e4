import { OctagonAlert } from 'lucide-react';
import { useEffect, useRef } from 'react';
import { Link } from 'react-router';
import { DoNow, StopReasons } from '../../breaker/decision/index.ts';
import { useUnits } from '../../shared/ui/index.ts';
import { Ending } from '../ending/index.ts';
import { useStepWork } from '../caseRecord/index.ts';
import { TakeBackDemo } from './TakeBackDemo.tsx';
import { tellThem } from './tellThem.ts';
import * as messages from './messages.ts';

/** Danger takes the whole screen: why, what to do now, whom to call and what to tell them. Nothing argues with it. */
export function StopScreen() {
  const { file, view, board } = useStepWork();
  const units = useUnits();
  const { stop } = view.decision;
  const heading = useRef<HTMLHeadingElement>(null);
  useEffect(() => {
    heading.current?.focus({ preventScroll: true });
    window.scrollTo({ top: 0 });
  }, []);
  return (
    <main className="min-h-[calc(100dvh-3.5rem)] bg-danger-fill px-4 py-6 text-white sm:px-8">
      <title>{messages.stopPhylaxon}</title>
      <div role="alert" className="mx-auto max-w-2xl space-y-6">
        <div>
          <h1
            ref={heading}
            tabIndex={-1}
            className="flex items-center gap-3 text-4xl leading-none font-bold outline-none"
          >
            <OctagonAlert aria-hidden="true" className="size-10 shrink-0" />
            {messages.stop}
          </h1>
          <StopReasons stop={stop} className="mt-3 text-lg font-medium" />
        </div>
        <section aria-label={messages.doThisNow}>
          <h2 className="border-b border-white/60 pb-1 font-semibold">{messages.now}</h2>
          <DoNow stop={stop} className="mt-2 space-y-2 text-xl leading-snug font-semibold" />
        </section>
        <section aria-label={messages.whatToTellThem}>
          <h2 className="border-b border-white/60 pb-1 font-semibold">{messages.tellThem}</h2>
          <p className="mt-2 text-lg">“{tellThem(file, view, board, units)}”</p>
        </section>
        <p className="flex flex-wrap gap-3">
          <Link
            to={`/cases/${file.case.id}/handover`}
            className="inline-flex min-h-12 items-center rounded-sm bg-white px-5 text-lg font-bold text-black"
          >
            {messages.handOverPage}
          </Link>
          <Link
            to="/"
            className="inline-flex min-h-12 items-center rounded-sm border-2 border-white px-5 text-lg font-bold"
          >
            {messages.stopForNow}
          </Link>
        </p>
        <TakeBackDemo />
      </div>
      <details className="mx-auto mt-6 max-w-2xl bg-bone px-4 text-ink">
        <summary className="min-h-12 py-3 font-semibold">{messages.aQualifiedPersonHasDealtWith}</summary>
        <div className="pb-4">
          <Ending />
        </div>
      </details>
    </main>
  );
}
