import { roomQuestion, sharedTerminal, type SharedTerminalWay } from '@phylaxon/core/views/planning';
import { loadAmps } from '@phylaxon/core/record/entities';
import { useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import { useComputation } from '../../shared/compute/index.ts';
import { recordQueries } from '../../shared/queries/index.ts';
import { DeadFirst, handsOff, usePlanned } from '../proposals/index.ts';
import {
  asButton,
  CheckInput,
  NEUTRAL_OPTIONS,
  Notice,
  PageHead,
  placeText,
  SelectInput,
  SHARES_NEUTRAL,
  toNumber,
  TypedInput,
  type NeutralChoice,
} from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

const HEADLINES: Record<SharedTerminalWay, string> = {
  trace: messages.traceBothNeutralsFirst,
  'opposite-legs': messages.twoPoleBreakerOnOppositeLegs,
  listed: messages.mayStayTheTerminalIsListed,
  join: messages.spliceBothToOnePigtail,
  'second-breaker': messages.secondBreaker,
  'narrow-pair': messages.tandemBreakerInTheSameSpace,
  'sub-panel': messages.subpanel,
};

/** Two conductors under one screw: what to do about them in this panel. */
export function TwoWiresPage() {
  const { panelId = '', breakerId = '' } = useParams();
  const { data: detail, error } = useQuery(recordQueries.detail(breakerId));
  const { board, planned } = usePlanned(panelId);
  const [typed, setTyped] = useState<[string | null, string | null]>([null, null]);
  const [isListedForTwo, setListed] = useState(false);
  const [neutral, setNeutral] = useState<NeutralChoice>('unknown');
  const question = useMemo(
    () => (board && planned ? roomQuestion(planned, handsOff(board), { poles: 1 }).question : null),
    [board, planned],
  );
  const plan = useComputation('space-plan', question);
  const drawnAmps = detail?.circuit?.loads.reduce((sum, load) => sum + loadAmps(load), 0) ?? 0;
  // Nobody knows yet which load is on which: half each, until it was clamped.
  const usual = `${Number((drawnAmps / 2).toFixed(2))}`;
  const amps = typed.map((text) => toNumber(text ?? usual)) as [number | null, number | null];
  const isRight = amps.every((one) => typeof one === 'number' && one >= 0 && one <= 400);
  const answer =
    detail && isRight && plan
      ? sharedTerminal({
          ratingAmps: detail.breaker.ratingAmps,
          amps: amps as [number, number],
          isListedForTwo,
          sharesNeutral: SHARES_NEUTRAL[neutral],
          mayBeNarrow:
            detail.breaker.half === null &&
            detail.breaker.kind === 'standard' &&
            (planned?.panel.narrowSpaces?.includes(detail.breaker.space!) ?? false),
          plan,
        })
      : null;
  const title = detail ? messages.secondWire(detail.circuit?.label ?? messages.circuit) : '';
  return (
    <main className="max-w-5xl space-y-6 px-4 py-5 sm:px-6">
      <PageHead
        backTo={`/panels/${panelId}/breakers/${breakerId}`}
        back={
          detail
            ? `${detail.circuit?.label ?? messages.breaker}, ${placeText(detail.breaker)}`
            : messages.breaker
        }
        title={messages.twoWiresUnderOneScrew}
      >
        <p className="text-ink-soft">{messages.aCommonFindingAndRarelyAn}</p>
      </PageHead>
      {error && <Notice title={error.message} />}
      <form className="space-y-3" onSubmit={(event) => event.preventDefault()}>
        <div className="flex flex-wrap gap-3">
          {([messages.first, messages.second] as const).map((name, i) => (
            <TypedInput
              key={name}
              label={messages.wireCurrentA(name)}
              value={typed[i] ?? usual}
              onValue={(text) => setTyped(i === 0 ? [text, typed[1]] : [typed[0], text])}
              isWrong={typeof amps[i] !== 'number' || !(amps[i] >= 0)}
            />
          ))}
        </div>
        <p className="text-sm text-ink-soft">{messages.startsWithHalfOfTheConnected}</p>
        <SelectInput
          label={messages.doBothWiresShareOneNeutral}
          options={NEUTRAL_OPTIONS}
          value={neutral}
          onValue={setNeutral}
        />
        <CheckInput
          label={messages.theBreakerSLabelOrMarking}
          checked={isListedForTwo}
          onChecked={setListed}
        />
      </form>
      {!isRight && <p className="font-medium text-danger">{messages.enterTheCurrentOfEachWire}</p>}
      {answer && (
        <section
          aria-label={messages.whatToDo}
          className="grid gap-6 border-t border-rule-strong pt-3 sm:grid-cols-[12rem_minmax(0,1fr)]"
        >
          <Drawing way={answer.way} amps={amps as [number, number]} />
          <div>
            <p role="status" className="text-2xl font-bold">
              {HEADLINES[answer.way]}
            </p>
            <ul className="mt-1 list-disc space-y-1 pl-5">
              {answer.reasons.map((text) => (
                <li key={text}>{text}</li>
              ))}
            </ul>
            {(answer.way === 'second-breaker' || answer.way === 'opposite-legs') && (
              <p className="mt-3">
                <Link
                  to={`/panels/${panelId}/room?poles=${answer.way === 'opposite-legs' ? 2 : 1}&amps=${detail!.breaker.ratingAmps}&title=${encodeURIComponent(title)}`}
                  className={asButton()}
                >
                  {answer.way === 'opposite-legs'
                    ? messages.planTheTwoPoleBreaker
                    : messages.planTheSecondBreaker}
                </Link>
              </p>
            )}
            <DeadFirst />
          </div>
        </section>
      )}
    </main>
  );
}

/** Both wires as they would be. */
function Drawing({ way, amps }: { way: SharedTerminalWay; amps: [number, number] }) {
  const two = ['opposite-legs', 'second-breaker', 'narrow-pair', 'sub-panel'].includes(way);
  const joined = way === 'join';
  return (
    <svg
      viewBox="0 0 190 120"
      role="img"
      aria-label={messages.wiresCarryingAndA(HEADLINES[way], amps[0], amps[1])}
      className="w-48"
    >
      <rect
        x="4"
        y={two ? 8 : 36}
        width="52"
        height={way === 'narrow-pair' ? 24 : 40}
        rx="2"
        className="fill-ink"
      />
      {two && (
        <rect
          x="4"
          y={way === 'narrow-pair' ? 34 : 68}
          width="52"
          height={way === 'narrow-pair' ? 24 : 40}
          rx="2"
          className="fill-ink"
        />
      )}
      <g className="fill-none stroke-heed" strokeWidth="4">
        {joined ? (
          <>
            <path d="M56 56 H100" />
            <path d="M100 56 C120 56 120 30 186 30" />
            <path d="M100 56 C120 56 120 84 186 84" />
          </>
        ) : (
          <>
            <path d={two ? 'M56 20 C110 20 110 30 186 30' : 'M56 54 C110 54 110 30 186 30'} />
            <path
              d={
                two
                  ? `M56 ${way === 'narrow-pair' ? 46 : 88} C110 88 110 84 186 84`
                  : 'M56 60 C110 60 110 84 186 84'
              }
            />
          </>
        )}
      </g>
      {joined && <circle cx="100" cy="56" r="8" className="fill-bone-raised stroke-ink" strokeWidth="2" />}
      <text x="186" y="24" textAnchor="end" className="figures fill-ink text-[12px]">
        {amps[0]} A
      </text>
      <text x="186" y="102" textAnchor="end" className="figures fill-ink text-[12px]">
        {amps[1]} A
      </text>
    </svg>
  );
}
