import { useEffect, useRef, type ReactNode } from 'react';
import { useStepWork } from '../caseRecord/index.ts';
import * as messages from './messages.ts';

const NUMBERS = ['', '', 'two', 'three', 'four', 'five', 'six', 'seven'] as const;
const wayOn = (left: number) =>
  left > 6 ? messages.severalStepsLeft : messages.aboutStepsIncludingThisOne(NUMBERS[left]);

/** What is next: its name, why, and whatever belongs to it. The focus comes here when it changes. */
export function StepFrame({
  title,
  why,
  children,
  quiet = false,
}: {
  title: string;
  why?: string;
  children: ReactNode;
  /** Do not take the focus: it is the first thing on the page. */
  quiet?: boolean;
}) {
  const { view } = useStepWork();
  const { left } = view;
  const heading = useRef<HTMLHeadingElement>(null);
  useEffect(() => {
    if (quiet) return;
    heading.current?.focus({ preventScroll: true });
    // After an answer far down the page what is next begins above: bring it into sight, and move nothing otherwise.
    heading.current?.scrollIntoView({ block: 'nearest' });
  }, [quiet]);
  return (
    <section
      aria-label={messages.nextStep}
      className="border-l-8 border-heed bg-bone-raised px-4 py-4 sm:px-6"
    >
      <p className="text-sm font-semibold text-ink-soft">
        {messages.next(left > 1 && <span className="font-normal"> · {wayOn(left)}</span>)}
      </p>
      <h2
        ref={heading}
        tabIndex={-1}
        className="scroll-mt-44 text-2xl leading-tight font-bold text-balance outline-none"
      >
        {title}
      </h2>
      {why && <p className="mt-1 text-ink-soft">{why}</p>}
      <div className="settling mt-4 space-y-5">{children}</div>
    </section>
  );
}
