import { useAction } from '../../shared/ui/index.ts';
import { caseEntries, entries } from '../../shared/api/index.ts';
import { useStepWork } from '../caseRecord/index.ts';
import * as messages from './messages.ts';

const WHY = messages.reportedBySimulatedAnswers;

/** On a demo site: a danger that only the simulated stand-in told of can be taken back, so that nobody is locked out of the panel. */
export function TakeBackDemo() {
  const { file, view, act } = useStepWork();
  const { busy, problem, run } = useAction();
  const told = view.standInTold;
  if (told.length === 0) return null;
  const takeBack = () =>
    act(
      ...told.map(({ kind, id }) =>
        kind === 'answers' ? caseEntries.takeBack(file.case.id, id) : entries.strike(kind, id, WHY),
      ),
    );
  return (
    <section aria-label={messages.thisIsADemo} className="border-t border-white/60 pt-3">
      <p>{messages.thisIsADemoSiteOnly}</p>
      <button
        type="button"
        disabled={busy}
        onClick={() => void run(takeBack)}
        className="mt-2 inline-flex min-h-12 items-center rounded-sm border-2 border-white px-5 font-bold"
      >
        {messages.undoTheSimulatedAnswers}
      </button>
      {problem && (
        <p role="alert" className="mt-1 font-medium">
          {problem}
        </p>
      )}
    </section>
  );
}
