import { troubleOf, type VisitFact } from '@phylaxon/core/visit/work';
import { useEffect, useRef, type ReactNode } from 'react';
import { Button, FieldError, useUnits, useAction } from '../../shared/ui/index.ts';
import { useVisitWork } from './useVisit.ts';
import * as messages from './messages.ts';

interface Props {
  title: string;
  how?: readonly string[];
  why?: string | undefined;
  /** Above the words: a drawing. */
  drawing?: ReactNode;
  children: ReactNode;
}

/** What is next in a visit, on one screen; the focus comes here as it changes. */
export function StepScreen({ title, how = [], why, drawing, children }: Props) {
  const { state } = useVisitWork();
  const { say } = useUnits();
  const heading = useRef<HTMLHeadingElement>(null);
  useEffect(() => {
    heading.current?.focus({ preventScroll: true });
    heading.current?.scrollIntoView({ block: 'nearest' });
  }, [title]);
  const met = state.met && troubleOf(state.met.trouble);
  return (
    <section
      aria-label={messages.nextStep}
      className="border-l-8 border-heed bg-bone-raised px-4 py-4 sm:px-6"
    >
      {met && (
        <div role="alert" className="mb-4 border-l-4 border-danger pl-3">
          <p className="text-lg font-bold text-danger">
            <span aria-hidden="true">✕ </span>
            {met.words}
          </p>
          <p>{say(met.means)}</p>
          <ul className="mt-1 list-disc pl-5 font-medium">
            {met.todo.map((line) => (
              <li key={line}>{say(line)}</li>
            ))}
          </ul>
        </div>
      )}
      <h2
        ref={heading}
        tabIndex={-1}
        className="scroll-mt-24 text-2xl leading-tight font-bold text-balance outline-none"
      >
        {title}
      </h2>
      {drawing && <div className="mt-3">{drawing}</div>}
      {how.length > 0 && (
        <ul className="mt-3 list-disc space-y-1 pl-5 text-lg leading-snug">
          {how.map((line) => (
            <li key={line}>{say(line)}</li>
          ))}
        </ul>
      )}
      {why && <p className="mt-2 text-ink-soft">{why}</p>}
      <div className="settling mt-4 space-y-4">{children}</div>
    </section>
  );
}

/** The one large button of a screen. */
export function TellButton({ fact, children }: { fact: VisitFact; children: ReactNode }) {
  const { tell } = useVisitWork();
  const { busy, problem, run } = useAction();
  return (
    <div>
      <Button
        className="min-h-14 w-full text-lg sm:w-auto sm:px-8"
        disabled={busy}
        onClick={() => void run(() => tell(fact))}
      >
        {children}
      </Button>
      <FieldError message={problem ?? undefined} />
    </div>
  );
}
