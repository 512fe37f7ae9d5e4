import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { caseEntries, entries, newId } from '../../shared/api/index.ts';
import { useWork } from '../../shared/compute/index.ts';
import { recordQueries } from '../../shared/queries/index.ts';
import { Button, FieldError, Notice, useAction } from '../../shared/ui/index.ts';
import { AlsoDead } from './AlsoDead.tsx';
import { FindOrder } from './FindOrder.tsx';
import { HandleGuide, StepFrame } from '../answers/index.ts';
import { now, useStepWork } from '../caseRecord/index.ts';
import * as messages from './messages.ts';

/** So many handles are marked at a time. */
const MARKED = 3;

/** Which breaker it is: the likeliest handles in order, each tried with one finger. */
export default function FindStep({ why }: { why: string }) {
  const { file, act, board } = useStepWork();
  const { case: about, log } = file;
  const { busy, problem, leave, run } = useAction();
  const { data: everywhere, error: unheard } = useQuery(recordQueries.suspects([about.siteId]));
  const suspects = useMemo(
    () => everywhere?.filter(({ panelId }) => panelId === about.panelId) ?? [],
    [everywhere, about.panelId],
  );
  const ranked = useWork(
    'find',
    suspects.length > 0 ? { suspects, words: about.words, marks: about.marks } : null,
  );
  const firm = useMemo(
    () =>
      new Set(
        log.flatMap(({ kind, breakerId, entry }) =>
          kind === 'observations' &&
          entry.test === 'handle-finger-test' &&
          entry.outcome === 'firm' &&
          entry.struck === null
            ? [breakerId]
            : [],
        ),
      ),
    [log],
  );
  const suspectOf = (id: string) => suspects.find(({ breakerId }) => breakerId === id);

  const isIt = (breakerId: string, gives: boolean) =>
    leave(() =>
      act(
        caseEntries.change(about.id, {
          breakerId,
          answers: gives ? [{ id: newId(), test: 'handle-finger-test', outcome: 'gives', at: now() }] : [],
        }),
      ),
    );
  const isFirm = (breakerId: string) =>
    run(() =>
      act(
        entries.observation(breakerId, suspectOf(breakerId)?.label ?? 'breaker', {
          test: 'handle-finger-test',
          outcome: 'firm',
          at: now(),
          caseId: about.id,
        }),
      ),
    );
  const mark = (name: string, dead: boolean | null) => {
    const rest = about.marks.filter((other) => other.name !== name);
    const marks = dead === null ? rest : [...rest, { name, dead }];
    return run(() => act(caseEntries.change(about.id, { marks })));
  };

  if (!ranked || !board) {
    return (
      <StepFrame title={messages.whichBreakerIsIt}>
        {unheard ? <Notice title={unheard.message} /> : messages.readingTheDirectory}
      </StepFrame>
    );
  }
  const next = ranked.filter(({ breakerId }) => !firm.has(breakerId)).slice(0, MARKED);
  const first = next[0] && suspectOf(next[0].breakerId);
  const drawn = board.breakers.find(({ breaker }) => breaker.id === first?.breakerId)?.breaker;
  if (!first || !drawn) {
    const likeliest = ranked[0] && suspectOf(ranked[0].breakerId);
    return (
      <StepFrame title={messages.noHandleIsLoose} why={messages.everyHandleInThisPanelWas}>
        <p>{messages.thenATrippedBreakerInThis}</p>
        {likeliest && (
          <Button disabled={busy} onClick={() => void isIt(likeliest.breakerId, false)}>
            {messages.continueWith(likeliest.label ?? messages.space(likeliest.place))}
          </Button>
        )}
        <FieldError message={problem ?? undefined} />
      </StepFrame>
    );
  }
  return (
    <StepFrame
      title={messages.tryHandle(
        first.place || messages.ofTheMain,
        first.label ?? messages.circuitNotNamedInline,
      )}
      why={why}
    >
      <HandleGuide breaker={drawn} numbered={next.map(({ breakerId }) => breakerId)} moves={['lightly-off']}>
        <p>{messages.dryHandsStandToOneSide}</p>
      </HandleGuide>
      <div className="grid gap-2 sm:grid-cols-2">
        <Button disabled={busy} className="min-h-13 text-lg" onClick={() => void isIt(first.breakerId, true)}>
          {messages.itGivesOrSitsInThe}
        </Button>
        <Button
          look="quiet"
          disabled={busy}
          className="min-h-13 text-lg"
          onClick={() => void isFirm(first.breakerId)}
        >
          {messages.itIsFirmTryTheNext}
        </Button>
      </div>
      <FieldError message={problem ?? undefined} />
      <FindOrder
        next={next}
        firm={firm}
        suspects={suspects}
        ranked={ranked}
        onPick={(id) => void isIt(id, false)}
      />
      <AlsoDead
        suspects={suspects}
        next={next}
        marks={about.marks}
        busy={busy}
        onMark={(name, dead) => void mark(name, dead)}
      />
    </StepFrame>
  );
}
