import {
  EDITIONS,
  protectionByPlace,
  SERVED,
  SERVED_IDS,
  type Served,
} from '@phylaxon/core/code/protectionByPlace';
import { sayConductor, standardRatingAtLeast, thinnestConductor } from '@phylaxon/core/code/sizing';
import { BREAKER_KINDS, KIND_WORDS, type BreakerKind } from '@phylaxon/core/panel/layout';
import type { SpacePlan } from '@phylaxon/core/panel/spacePlan';
import type { Board } from '@phylaxon/core/views/board';
import { ampsOf } from '@phylaxon/core/views/legs';
import {
  legsWith,
  MOST_PLANNED_SPACES,
  roomQuestion,
  roomSteps,
  type PlannedPanel,
} from '@phylaxon/core/views/planning';
import { useQuery } from '@tanstack/react-query';
import { useId, useMemo, useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import { entries } from '../api/index.ts';
import { useComputation } from '../compute/index.ts';
import { recordQueries } from '../queries/index.ts';
import { ampsText, classes, Notice, PageHead, SelectInput, SendButton, TypedInput } from '../shared/index.ts';
import { BeforeAndAfter } from './BeforeAndAfter.tsx';
import { useCode, type OwnRule } from './codeStore.ts';
import { handsOff } from './handsOff.ts';
import { MovePlan } from './MovePlan.tsx';
import { Proposals } from './Proposals.tsx';
import { Steps } from './Steps.tsx';
import { usePlanned } from './usePlanned.ts';

/** Room in a panel for a new circuit: the least work, step by step, before and after. */
export function RoomPage() {
  const { panelId = '' } = useParams();
  const { board, planned, error } = usePlanned(panelId);
  const [params] = useSearchParams();
  // A breaker that was carried on the board, and where to.
  const [breakerId, to] = [params.get('move'), Number(params.get('to'))];
  const moved = breakerId !== null && Number.isInteger(to) && to > 0 ? { breakerId, space: to } : null;
  return (
    <main className="mx-auto max-w-5xl space-y-6 px-4 py-5 sm:px-6">
      <PageHead
        backTo={`/panels/${panelId}`}
        back={board?.panel.name ?? 'The panel'}
        title={moved ? 'Another place for a breaker' : 'Make room for a circuit'}
      />
      {error && <Notice title={error.message} />}
      {board && planned && board.panel.spaces > MOST_PLANNED_SPACES && (
        <Notice title={`Room is planned for panels of up to ${MOST_PLANNED_SPACES} spaces.`} />
      )}
      {board &&
        planned &&
        board.panel.spaces <= MOST_PLANNED_SPACES &&
        (moved === null ? (
          <Room board={board} planned={planned} />
        ) : (
          <MovePlan board={board} planned={planned} {...moved} />
        ))}
      {planned && <Proposals planned={planned} />}
    </main>
  );
}

/** What is wanted, as it was chosen. */
interface Wish {
  title: string;
  poles: 1 | 2;
  ratingAmps: number;
  serves: Served | '';
  space: number | null;
  section: 'upper' | 'lower' | 'either';
  kind: BreakerKind | 'by-place';
  isInlet: boolean;
}

const RATINGS = [15, 20, 25, 30, 40, 50, 60, 70, 80, 100];

function Room({ board, planned }: { board: Board; planned: PlannedPanel }) {
  const [params] = useSearchParams();
  const asked = Number(params.get('amps') ?? 20);
  const [wish, setWish] = useState<Wish>(() => ({
    title: params.get('title') ?? '',
    poles: params.get('poles') === '2' ? 2 : 1,
    ratingAmps: standardRatingAtLeast(Number.isFinite(asked) ? asked : 20) ?? 20,
    serves: '',
    space: null,
    section: 'either',
    kind: 'by-place',
    isInlet: false,
  }));
  const change = (some: Partial<Wish>) => setWish((before) => ({ ...before, ...some }));
  const { question, stays } = useMemo(() => {
    return roomQuestion(planned, handsOff(board), {
      poles: wish.poles,
      ...(wish.section !== 'either' && { section: wish.section }),
      besideMain: wish.isInlet,
      ...(wish.space !== null && { space: wish.space }),
    });
  }, [board, planned, wish.poles, wish.section, wish.isInlet, wish.space]);
  const plan = useComputation('space-plan', question);
  const code = useCode();
  const byPlace =
    wish.serves === ''
      ? null
      : protectionByPlace({
          serves: [wish.serves],
          edition: code.edition,
          own: code.own,
          volts: wish.poles === 2 ? 240 : 120,
          ratingAmps: wish.ratingAmps,
          receptacles: true,
          isNew: true,
        });
  const kind = wish.kind === 'by-place' ? (byPlace?.kind ?? 'standard') : wish.kind;
  return (
    <>
      <Wanted wish={wish} onChange={change} panel={board.panel} />
      {byPlace && <ByPlace answer={byPlace} />}
      {plan && (
        <Plan
          board={board}
          planned={planned}
          plan={plan}
          wish={wish}
          kind={kind}
          reasons={byPlace?.reasons ?? []}
        />
      )}
      <details className="border-t border-rule-strong pt-2">
        <summary className="min-h-11 py-2 text-lg font-bold">What stays where it is, and why</summary>
        <ul className="space-y-1">
          {stays.map(({ breakerId, why }) => {
            const entry = board.breakers.find(({ breaker }) => breaker.id === breakerId);
            return (
              <li key={breakerId}>
                <span className="figures">{entry?.breaker.space ?? 'Main'}</span> {entry?.label}: {why}
              </li>
            );
          })}
          {stays.length === 0 && <li>Every breaker here may move.</li>}
        </ul>
      </details>
    </>
  );
}

/** What may be asked for at a place, by the code or by a list of one’s own. */
const OWN_RULES: { value: string; label: string; rule: OwnRule | null }[] = [
  { value: 'code', label: 'As the code says', rule: null },
  { value: 'none', label: 'Own list: nothing', rule: [] },
  { value: 'ground-fault', label: 'Own list: ground-fault', rule: ['ground-fault'] },
  { value: 'arc-fault', label: 'Own list: arc-fault', rule: ['arc-fault'] },
  { value: 'both', label: 'Own list: both', rule: ['ground-fault', 'arc-fault'] },
];
const ownRule = (rule: OwnRule | undefined): string =>
  OWN_RULES.find((one) => (one.rule?.join() ?? null) === (rule?.join() ?? null))!.value;

function Wanted({
  wish,
  onChange,
  panel,
}: {
  wish: Wish;
  onChange: (some: Partial<Wish>) => void;
  panel: Board['panel'];
}) {
  const { edition, setEdition, own, setOwn } = useCode();
  return (
    <form className="flex flex-wrap items-end gap-3" onSubmit={(event) => event.preventDefault()}>
      <div className="min-w-48 flex-1">
        <TypedInput
          label="What it is for"
          value={wish.title}
          onValue={(title) => onChange({ title })}
          isFigure={false}
          placeholder="Such as: vehicle charger"
          className="w-full"
        />
      </div>
      <SelectInput
        label="Breaker"
        options={[
          { value: 1, label: 'One-pole, 120 V' },
          { value: 2, label: 'Two-pole, 240 V' },
        ]}
        value={wish.poles}
        onValue={(poles) => onChange({ poles: poles as 1 | 2 })}
      />
      <SelectInput
        label="Rating"
        options={[...new Set([...RATINGS, wish.ratingAmps])]
          .sort((a, b) => a - b)
          .map((value) => ({ value, label: `${value} A` }))}
        value={wish.ratingAmps}
        onValue={(ratingAmps) => onChange({ ratingAmps })}
      />
      <SelectInput
        label="It serves"
        options={[
          { value: '' as const, label: 'Not said' },
          ...SERVED_IDS.map((value) => ({ value, label: SERVED[value] })),
        ]}
        value={wish.serves}
        onValue={(serves) => onChange({ serves })}
      />
      <SelectInput
        label="Code in force"
        options={EDITIONS.map((value) => ({ value, label: `NEC ${value}` }))}
        value={edition}
        onValue={setEdition}
      />
      <SelectInput
        label="Kind"
        options={[
          { value: 'by-place' as const, label: 'As the place asks' },
          ...BREAKER_KINDS.map((value) => ({ value, label: KIND_WORDS[value] })),
        ]}
        value={wish.kind}
        onValue={(kind) => onChange({ kind })}
      />
      {wish.serves !== '' && (
        <SelectInput
          label="Asked for here"
          options={OWN_RULES.map(({ value, label }) => ({ value, label }))}
          value={ownRule(own[wish.serves])}
          onValue={(value) =>
            setOwn(wish.serves as Served, OWN_RULES.find((one) => one.value === value)!.rule)
          }
        />
      )}
      {!wish.isInlet && (
        <SelectInput
          label="Where"
          options={[
            { value: 0, label: 'Least work' },
            ...Array.from({ length: panel.spaces }, (_, i) => ({ value: i + 1, label: `Space ${i + 1}` })),
          ]}
          value={wish.space ?? 0}
          onValue={(space) => onChange({ space: space === 0 ? null : space })}
        />
      )}
      <label className="flex min-h-11 items-center gap-3">
        <input
          type="checkbox"
          checked={wish.isInlet}
          onChange={({ target: { checked } }) =>
            onChange(
              checked
                ? {
                    isInlet: true,
                    space: null,
                    poles: 2,
                    ratingAmps: 30,
                    title: wish.title || 'Generator inlet',
                  }
                : { isInlet: false },
            )
          }
          className="size-5 accent-ink"
        />
        For a generator inlet, with an interlock beside the main
      </label>
      {panel.splitAt !== null && (
        <SelectInput
          label="Section"
          options={[
            { value: 'either' as const, label: 'Either' },
            { value: 'upper' as const, label: 'Upper' },
            { value: 'lower' as const, label: 'Lower' },
          ]}
          value={wish.section}
          onValue={(section) => onChange({ section })}
        />
      )}
    </form>
  );
}

const HEADS: Record<BreakerKind, string> = {
  standard: 'A standard breaker will do',
  gfci: 'It takes a GFCI breaker, or a GFCI outlet first on the circuit',
  afci: 'It takes an AFCI breaker',
  dual: 'It takes a breaker with GFCI and AFCI',
  surge: 'Surge protection',
};

function ByPlace({ answer }: { answer: ReturnType<typeof protectionByPlace> }) {
  return (
    <section aria-label="Kind of breaker" className="border-l-4 border-ink pl-3">
      <p className="font-bold">{HEADS[answer.kind]}.</p>
      <ul>
        {answer.reasons.map(({ text }) => (
          <li key={text} className="text-sm">
            {text}
          </li>
        ))}
      </ul>
      {answer.kind !== 'standard' && (
        <p className="text-sm text-ink-soft">
          With a pigtail it needs a place on the neutral bar; a plug-on neutral needs a panel with such a bar.
          It costs several times a plain one. Local lists go before.
        </p>
      )}
    </section>
  );
}

const headline = ({ via, place, steps }: SpacePlan, poles: 1 | 2): string => {
  if (via === 'none') return 'No room can be made here';
  const at =
    poles === 2
      ? `spaces ${place!.space} and ${place!.space + 2}`
      : `space ${place!.space}${place!.half ? `, ${place!.half} half` : ''}`;
  if (via === 'free') return `There is room: ${at}`;
  if (via === 'narrow') return `Only as a narrow unit: ${at}`;
  return `Room at ${at} after ${steps.length === 1 ? 'one step' : `${steps.length} steps`}`;
};

function Plan({
  board,
  planned,
  plan,
  wish,
  kind,
  reasons,
}: {
  board: Board;
  planned: PlannedPanel;
  plan: SpacePlan;
  wish: Wish;
  kind: BreakerKind;
  reasons: readonly { text: string }[];
}) {
  const steps = roomSteps(plan, planned);
  const gauge = thinnestConductor('copper', wish.ratingAmps, 60);
  // Breakers of a gauge that no branch circuit has get no conductor here.
  const conductor =
    gauge !== null && !/^\d{3}$/.test(gauge)
      ? { gauge: gauge as '12', material: 'copper' as const, insulationC: 90 as const, cable: 'nm' as const }
      : null;
  return (
    <section aria-label="Plan" className="border-t border-rule-strong pt-3">
      <p role="status" className={classes('text-2xl font-bold', !plan.possible && 'text-danger')}>
        {plan.possible ? '✓' : '✕'} {headline(plan, wish.poles)}
      </p>
      {!plan.possible && (
        <p>
          {planned.panel.narrowSpaces === null
            ? 'The panel’s label was not read: where it allows narrow units there may be room after all. Read it, and set the panel up with it.'
            : 'What would do: a sub-panel beside it, fed by a two-pole breaker that takes the place of circuits that move there; or a panel with more spaces.'}
        </p>
      )}
      {plan.possible && (
        <div className="mt-3 grid gap-6 md:grid-cols-[auto_minmax(0,1fr)]">
          <BeforeAndAfter board={board} steps={plan.steps} place={plan.place} poles={wish.poles} />
          <div className="space-y-4">
            <Steps steps={steps} />
            <Legs planned={planned} plan={plan} wish={wish} panelId={board.panel.id} />
            <p>
              {wish.ratingAmps} A {KIND_WORDS[kind]} breaker
              {conductor && `; conductor of at least ${sayConductor(conductor)} by its 60 °C column`}.
            </p>
            {wish.isInlet && (
              <p>
                The interlock’s plate is made for this panel and lets the main and this breaker never be on
                together: without it the generator feeds the street.
              </p>
            )}
            {kind === 'surge' && (
              <p>
                Surge protection sits as close to the main as it can, with the shortest leads: length costs
                protection.
              </p>
            )}
            <p className="text-sm text-ink-soft">
              All of it with the panel dead and proved dead, by a qualified electrician. The line side of the
              main stays live.
            </p>
            <SendButton
              look="primary"
              disabled={wish.title.trim() === ''}
              stored="Kept as a proposal"
              entries={() => [
                entries.panelEntry(board.panel.id, board.panel.name, {
                  kind: 'proposal',
                  at: new Date().toISOString(),
                  content: {
                    title: wish.title.trim(),
                    poles: wish.poles,
                    ratingAmps: wish.ratingAmps,
                    kind,
                    place: plan.place,
                    steps: plan.steps.map(({ id, to, as }) => ({ breakerId: id, to, as })),
                    conductor,
                    reasons: reasons.map(({ text }) => text),
                  },
                }),
              ]}
            >
              Keep it as a proposal
            </SendButton>
            {wish.title.trim() === '' && <p className="text-sm">Say what it is for to keep it.</p>}
          </div>
        </div>
      )}
    </section>
  );
}

function Legs({
  planned,
  plan,
  wish,
  panelId,
}: {
  planned: PlannedPanel;
  plan: SpacePlan;
  wish: Wish;
  panelId: string;
}) {
  const captionId = useId();
  const { data: legs } = useQuery(recordQueries.legs(panelId));
  if (!legs) return null;
  const amps = new Map(legs.circuits.map((circuit) => [circuit.breakerId, ampsOf(circuit, 'latest') ?? 0]));
  // A new circuit is taken at four fifths of its breaker.
  const { before, after } = legsWith(plan, planned, amps, { poles: wish.poles, amps: 0.8 * wish.ratingAmps });
  return (
    <div>
      <p id={captionId} className="text-sm text-ink-soft">
        The legs, by what was clamped last; the new circuit at 80 % of its breaker
      </p>
      <table className="text-left" aria-describedby={captionId}>
        <thead>
          <tr>
            <td />
            <th scope="col" className="pr-6 text-right">
              Leg A
            </th>
            <th scope="col" className="text-right">
              Leg B
            </th>
          </tr>
        </thead>
        <tbody>
          {(
            [
              ['Before', before],
              ['After', after],
            ] as const
          ).map(([name, sums]) => (
            <tr key={name}>
              <th scope="row" className="pr-6 font-normal">
                {name}
              </th>
              <td className="figures pr-6 text-right">{ampsText(sums.A)}</td>
              <td className="figures text-right">{ampsText(sums.B)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
