import type { CaseEntry } from '@phylaxon/core/diagnosis/cases';
import type { TimelineEntry } from '@phylaxon/core/views/timeline';
import { COMPLAINT_WORDS, sayOutcome, TEST_WORDS, type Profile } from '@phylaxon/core/facts/vocabulary';
import { useState } from 'react';
import { caseEntries, entries } from '../../shared/api/index.ts';
import { FieldError, SimulatedMark, useUnits } from '../../shared/ui/index.ts';
import { timelineLine } from '../../shared/entryWords/index.ts';
import { PASSED_WORDS } from '../caseList/index.ts';
import { now, useStepWork, tryNow } from '../caseRecord/index.ts';
import * as messages from './messages.ts';

/** An entry of a case as the timeline tells it. */
function asTimelineEntry({ kind, breakerId, entry }: CaseEntry): TimelineEntry {
  const base = { id: entry.id, at: entry.at, breakerId };
  if (kind === 'readings') return { ...base, kind, reading: entry };
  if (kind === 'events')
    return { ...base, kind: entry.kind === 'trip' ? 'trips' : 'resets', event: entry, verdict: null };
  return { ...base, kind: 'looks', observation: entry };
}

/** Who found it is told where it was somebody else than who opened the case. */
const withOthersOnly = (told: CaseEntry, openedBy: Profile): CaseEntry =>
  told.entry.who === openedBy ? ({ ...told, entry: { ...told.entry, who: null } } as CaseEntry) : told;

/** What was found so far: what was said, found and put aside; any of it can be taken back. */
export function CaseFindings() {
  const units = useUnits();
  const { say } = units;
  const { file, act, view } = useStepWork();
  const [problem, setProblem] = useState<string | null>(null);
  const { case: about, log } = file;
  const open = about.closedAt === null && !view.decision.stop.active;

  const takeBack = async ({ kind, entry }: CaseEntry) =>
    setProblem(await tryNow(() => act(entries.strike(kind, entry.id, messages.undoneInTheCase))));

  const lines: (LineProps & { key: string })[] = [
    ...about.answers.map((answer) => ({
      key: answer.id,
      at: answer.at,
      what: say(sayOutcome(answer.test, answer.outcome)),
      simulated: answer.simulated,
      struck: answer.takenBackAt !== null,
      onTakeBack:
        open && answer.takenBackAt === null
          ? () => void tryNow(() => act(caseEntries.takeBack(about.id, answer.id))).then(setProblem)
          : undefined,
    })),
    ...log.map((one) => {
      const { what, figure, details, struck, simulated } = timelineLine(
        asTimelineEntry(withOthersOnly(one, about.openedBy)),
        units,
      );
      return {
        key: one.entry.id,
        at: one.entry.at,
        what: [what, figure].filter(Boolean).join(' '),
        details: details.join('; '),
        simulated,
        struck: struck !== null,
        onTakeBack: open && struck === null ? () => void takeBack(one) : undefined,
      };
    }),
    ...about.passed.map(({ test, why, at }) => ({
      key: test,
      at,
      what: `${TEST_WORDS[test].name}: ${PASSED_WORDS[why]}`,
      takeBackWord: messages.askThisNow,
      onTakeBack: open
        ? () =>
            void tryNow(() => act(caseEntries.pass(about.id, { tests: [test], why: null, at: now() }))).then(
              setProblem,
            )
        : undefined,
    })),
  ].sort((a, b) => a.at.localeCompare(b.at));

  return (
    <section aria-label={messages.findingsSoFar}>
      <h2 className="text-xl font-bold">{messages.findingsSoFar}</h2>
      <ol className="mt-1 divide-y divide-rule">
        <Line
          at={about.openedAt}
          what={`${COMPLAINT_WORDS[about.complaint]}${about.words ? `: ${about.words}` : ''}`}
        />
        {lines.map(({ key, ...line }) => (
          <Line key={key} {...line} />
        ))}
      </ol>
      <FieldError message={problem ?? undefined} />
    </section>
  );
}

interface LineProps {
  at: string;
  what: string;
  details?: string;
  simulated?: boolean;
  struck?: boolean;
  onTakeBack?: () => void;
  takeBackWord?: string;
}

function Line({
  at,
  what,
  details,
  simulated,
  struck = false,
  onTakeBack,
  takeBackWord = 'Undo',
}: LineProps) {
  const { timeText } = useUnits();
  return (
    <li className="flex items-start gap-x-3 py-1.5">
      <div className="min-w-0 flex-1">
        <p className={struck ? 'text-ink-soft line-through' : 'font-medium'}>{what}</p>
        <p className="text-sm text-ink-soft">
          {struck && messages.undone}
          {timeText(at)}
          {details && ` · ${details}`}
          {simulated && <SimulatedMark />}
        </p>
      </div>
      {onTakeBack && (
        <button
          type="button"
          onClick={onTakeBack}
          aria-label={`${takeBackWord}: ${what}`}
          className="min-h-11 shrink-0 px-1 text-sm font-medium underline underline-offset-4 hover:bg-bone-sunk"
        >
          {takeBackWord}
        </button>
      )}
    </li>
  );
}
