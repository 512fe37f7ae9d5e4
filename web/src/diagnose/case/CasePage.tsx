import { TEST_WORDS, type TestId } from '@phylaxon/core/facts/vocabulary';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import { useWork } from '../../shared/compute/index.ts';
import { Causes } from '../../breaker/decision/index.ts';
import { invalidateRecord, recordQueries } from '../../shared/queries/index.ts';
import { breakerText, Button, later, Notice, PageSection, placeText } from '../../shared/ui/index.ts';
import { useProfile } from '../../shared/stores/index.ts';
import {
  AskStep,
  DecidedStep,
  ElectricianStep,
  FindStep,
  IsolateStep,
  LooksStep,
  ResetStep,
  StopScreen,
  caseTitle,
} from '../steps/index.ts';
import { Ending } from '../ending/index.ts';
import { StepWorkProvider, useStepWork, type StepWork, useCaseRecord } from '../caseRecord/index.ts';
import { FigureAnswer, TripAnswer } from '../answers/index.ts';
import * as messages from './messages.ts';

const CaseFindings = later(async () => (await import('./CaseFindings.tsx')).CaseFindings);

/** They are at hand before they are next, should the server be gone by then. */
const PARTS = [
  CaseFindings,
  DecidedStep,
  ElectricianStep,
  FigureAnswer,
  FindStep,
  IsolateStep,
  ResetStep,
  TripAnswer,
];

/** A case: the next step, the possible causes and the findings so far. */
export function CasePage() {
  const { caseId = '' } = useParams();
  useEffect(() => PARTS.forEach((part) => part.fetch()), []);
  return <Case key={caseId} caseId={caseId} />;
}

function Case({ caseId }: { caseId: string }) {
  const { file, waiting, problem, heard, act } = useCaseRecord(caseId);
  const profile = useProfile((state) => state.profile);
  const panelId = file?.case.panelId ?? null;
  // The drawings need the panel as it hangs: asked for again when it is drawn otherwise, not at every answer.
  const drawn = `${file?.panel?.version} ${file?.dossier?.subject.breaker.version}`;
  const { data: board = null } = useQuery({
    ...recordQueries.drawnBoard(panelId ?? '', drawn),
    enabled: panelId !== null,
  });

  const stamp = file ? stampOf(file, waiting, profile) : '';
  const question = useMemo(() => file && { file, profile, stamp }, [file, profile, stamp]);
  const view = useWork('look', question);
  const work = useMemo<StepWork | null>(
    () => file && view && { file, view, act, board },
    [file, view, act, board],
  );

  if (!work) {
    return (
      <main className="max-w-5xl px-4 py-5 sm:px-6">
        <title>{messages.casePhylaxon}</title>
        <h1 className="text-2xl font-bold">
          {problem ? messages.thisCaseCouldNotBeLoaded : messages.loadingTheCase}
        </h1>
        {problem && (
          <Notice title={problem}>
            <p>{messages.yourAnswersSoFarAreKept}</p>
            <Button look="quiet" className="mt-2" onClick={() => void invalidateRecord()}>
              {messages.tryAgain}
            </Button>
          </Notice>
        )}
      </main>
    );
  }
  return (
    <StepWorkProvider value={work}>
      {work.view.step.kind === 'stop' ? <StopScreen /> : <Working heard={heard} stamp={view!.stamp} />}
    </StepWorkProvider>
  );
}

/** Changes with everything that may change what is next. */
function stampOf(file: StepWork['file'], waiting: number, profile: string): string {
  const struck = file.log.filter(({ entry }) => entry.struck !== null).length;
  const of = file.dossier?.subject.entries;
  const rest = of ? of.readings.length + of.events.length + of.observations.length : 0;
  return [
    file.case.version,
    file.case.answers.length,
    file.case.passed.length,
    file.log.length,
    struck,
    rest,
    waiting,
    profile,
  ].join(' ');
}

function Working({ heard, stamp }: { heard: boolean; stamp: string }) {
  const { file, view } = useStepWork();
  const { case: about, dossier, panel } = file;
  const [wanted, setWanted] = useState<{ test: TestId; stamp: string } | null>(null);
  const asked = wanted?.stamp === stamp ? wanted.test : null;
  const ask = (test: TestId) => {
    setWanted({ test, stamp });
    window.scrollTo({ top: 0 });
  };
  const breaker = dossier?.subject.breaker;
  const title = caseTitle(file);
  return (
    <main className="grid max-w-5xl gap-x-10 gap-y-6 px-4 py-5 sm:px-6 @4xl:grid-cols-[minmax(0,1fr)_22rem]">
      <title>{messages.phylaxon(title)}</title>
      <div className="min-w-0 space-y-4">
        <header>
          <h1 className="text-2xl leading-tight font-bold">{title}</h1>
          <p className="text-ink-soft">
            {breaker && panel ? (
              <Link
                to={`/panels/${panel.id}/breakers/${breaker.id}`}
                className="underline underline-offset-4"
              >
                {panel.name}, {placeText(breaker)}
              </Link>
            ) : (
              (panel?.name ?? file.site.name)
            )}
            {breaker && ` · ${breakerText(breaker)}`}
          </p>
          {about.closedAt === null && (
            <Link to="/" className="inline-flex min-h-11 items-center text-sm underline underline-offset-4">
              {messages.continueLater}
            </Link>
          )}
        </header>
        {!heard && <Notice title={messages.noConnectionToTheServerYou} />}
        {file.partGone && <Notice title={messages.theBreakerInThisCaseHas} />}
        {view.isolation?.contradiction && (
          <Notice title={messages.theTestResultsContradictEach}>
            <p>{messages.thereMayBeMoreThanOne}</p>
          </Notice>
        )}
        {asked ? (
          <>
            <Button look="quiet" onClick={() => setWanted(null)}>
              {messages.backToTheNextStep}
            </Button>
            <Step key={`${stamp} ${asked}`} step={{ kind: 'ask', test: asked }} why="" onAsk={ask} />
          </>
        ) : (
          <Step
            key={view.step.kind === 'find' ? 'find' : stamp}
            step={view.step}
            why={view.why}
            onAsk={ask}
          />
        )}
        {!asked && about.closedAt === null && view.others.length > 0 && (
          <PageSection title={messages.checkSomethingElseInstead} level={2}>
            <p className="flex flex-wrap gap-x-5">
              {view.others.map((test) => (
                <button
                  key={test}
                  type="button"
                  onClick={() => ask(test)}
                  className="min-h-11 font-medium underline underline-offset-4 hover:bg-bone-sunk"
                >
                  {TEST_WORDS[test].name}
                </button>
              ))}
            </p>
          </PageSection>
        )}
      </div>
      <aside aria-label={messages.caseStatus} className="min-w-0 space-y-6">
        {view.causes.length > 0 && (
          <section aria-label={messages.possibleCauses}>
            <h2 className="text-xl font-bold">{messages.possibleCauses}</h2>
            <p className="mb-2 text-sm text-ink-soft">
              {about.closedAt === null ? messages.basedOnWhatIsKnownSo : messages.asOfTheDayTheCase}
            </p>
            <Causes causes={view.causes.slice(0, 5)} />
          </section>
        )}
        <CaseFindings />
      </aside>
    </main>
  );
}

function Step({
  step,
  why,
  onAsk,
}: {
  step: StepWork['view']['step'];
  why: string;
  onAsk: (test: TestId) => void;
}) {
  const { view } = useStepWork();
  switch (step.kind) {
    case 'looks':
      return <LooksStep spot={step.spot} tests={step.tests} why={why} />;
    case 'find':
      return <FindStep why={why} />;
    case 'reset':
      return <ResetStep unplugged={step.unplugged} why={why} />;
    case 'isolate':
      return <IsolateStep isolation={view.isolation!} why={why} />;
    case 'ask':
      return <AskStep test={step.test} why={why} />;
    case 'electrician':
      return <ElectricianStep tests={step.tests} />;
    case 'gone':
      return <Ending />;
    case 'decided':
      return <DecidedStep onAsk={onAsk} />;
    case 'stop':
      return null;
  }
}
