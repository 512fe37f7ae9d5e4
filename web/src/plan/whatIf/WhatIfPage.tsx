import type { SizingInput } from '@phylaxon/core/code/sizing';
import { GAUGES, STANDARD_RATINGS_AMPS } from '@phylaxon/core/facts/standards';
import { sizingQuestion } from '@phylaxon/core/record/entities';
import type { BreakerDetail } from '@phylaxon/core/views/board';
import { whatIf } from '@phylaxon/core/views/planning';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useParams } from 'react-router';
import { recordQueries } from '../../shared/queries/index.ts';
import {
  Notice,
  PageHead,
  placeText,
  SelectInput,
  toNumber,
  TypedInput,
  useUnits,
} from '../../shared/ui/index.ts';
import { KeepProposal } from '../proposals/index.ts';
import { WhatIfAnswer } from './WhatIfAnswer.tsx';

/** A circuit as it is beside what it might be. Nothing is stored but what is kept as a proposal. */
export function WhatIfPage() {
  const { panelId = '', breakerId = '' } = useParams();
  const { data: detail, error } = useQuery(recordQueries.detail(breakerId));
  return (
    <main className="mx-auto max-w-5xl space-y-6 px-4 py-5 sm:px-6">
      <PageHead
        backTo={`/panels/${panelId}/breakers/${breakerId}`}
        back={detail ? `${detail.circuit?.label ?? 'Breaker'}, ${placeText(detail.breaker)}` : 'The breaker'}
        title="What if"
      >
        <p className="text-ink-soft">Change what you like: nothing here changes the record.</p>
      </PageHead>
      {error && <Notice title={error.message} />}
      {detail && <Comparison detail={detail} />}
    </main>
  );
}

/** A circuit of which nothing is recorded is taken for what is commonest. */
const ASSUMED: SizingInput['conductor'] = { gauge: '12', material: 'copper', insulationC: 90, cable: 'nm' };

function drawn({ breaker, circuit, policies }: BreakerDetail): SizingInput {
  const known =
    circuit &&
    sizingQuestion(
      { ...circuit, conductor: circuit.conductor ?? ASSUMED },
      breaker.ratingAmps,
      policies.loading,
    );
  return (
    known ?? {
      rules: policies.loading,
      conductor: ASSUMED,
      terminalC: 60,
      loads: [{ id: '1', amps: 0, continuous: false }],
      breakerAmps: breaker.ratingAmps,
      portableReceptacles: breaker.poles === 1,
    }
  );
}

function Comparison({ detail }: { detail: BreakerDetail }) {
  const { breaker, circuit, panel } = detail;
  const asIs = drawn(detail);
  const { fromMetres, toMetres, lengthUnit, temperatureText } = useUnits();
  const [might, setMight] = useState<SizingInput>(asIs);
  const [extra, setExtra] = useState('');
  const [length, setLength] = useState(circuit?.lengthM ? `${fromMetres(circuit.lengthM)}` : '');
  const change = (some: Partial<SizingInput>) => setMight((before) => ({ ...before, ...some }));
  const conductor = (some: Partial<SizingInput['conductor']>) => {
    const next = { ...might.conductor, ...some };
    change({
      conductor: next.material === 'aluminum' && next.gauge === '14' ? { ...next, gauge: '12' } : next,
    });
  };
  const more = toNumber(extra);
  const long = toNumber(length);
  const lengthM = typeof long === 'number' ? toMetres(long) : long;
  const isWrong = (value: number | null | undefined, most: number) =>
    value !== null && !(typeof value === 'number' && value >= 0 && value <= most);
  const wrong = isWrong(more, 1000) || isWrong(lengthM, 1000);
  const question: SizingInput = {
    ...might,
    // A nameplate is the circuit’s only load.
    ...(more && !wrong
      ? { nameplate: undefined, loads: [...might.loads, { id: 'more', amps: more, continuous: false }] }
      : {}),
  };
  const volts = breaker.poles === 2 ? 240 : 120;
  const before = whatIf(asIs, { lengthM: circuit?.lengthM ?? null, volts });
  const after = whatIf(question, { lengthM: wrong ? null : (lengthM ?? null), volts });
  return (
    <>
      {!circuit?.conductor && (
        <Notice title="The conductor is not on record: 12 AWG copper in nm cable is taken for it here. Look at it before anything is decided." />
      )}
      <form className="flex flex-wrap items-end gap-3" onSubmit={(event) => event.preventDefault()}>
        <SelectInput
          label="Breaker"
          options={STANDARD_RATINGS_AMPS.map((value) => ({ value: value as number, label: `${value} A` }))}
          value={might.breakerAmps}
          onValue={(breakerAmps) => change({ breakerAmps })}
        />
        <SelectInput
          label="Conductor"
          options={GAUGES.map((value) => ({ value, label: `${value} AWG` }))}
          value={might.conductor.gauge}
          onValue={(gauge) => conductor({ gauge })}
        />
        <SelectInput
          label="Of"
          options={[
            { value: 'copper' as const, label: 'Copper' },
            { value: 'aluminum' as const, label: 'Aluminum' },
          ]}
          value={might.conductor.material}
          onValue={(material) => conductor({ material })}
        />
        <SelectInput
          label="Insulation"
          options={([60, 75, 90] as const).map((value) => ({ value, label: `${value} °C` }))}
          value={might.conductor.insulationC}
          onValue={(insulationC) => conductor({ insulationC })}
        />
        <SelectInput
          label="Run as"
          options={[
            { value: 'nm' as const, label: 'nm cable' },
            { value: 'other' as const, label: 'Other' },
          ]}
          value={might.conductor.cable}
          onValue={(cable) => conductor({ cable })}
        />
        <SelectInput
          label="Terminals"
          options={([60, 75] as const).map((value) => ({ value, label: `${value} °C` }))}
          value={might.terminalC}
          onValue={(terminalC) => change({ terminalC })}
        />
        <SelectInput
          label="Air around it"
          options={[10, 20, 30, 35, 40, 45, 50, 60].map((value) => ({
            value,
            label: temperatureText(value),
          }))}
          value={might.ambientC ?? 30}
          onValue={(ambientC) => change({ ambientC })}
        />
        <SelectInput
          label="Bundled with"
          options={[2, 3, 6, 9, 20, 30].map((value) => ({ value, label: `${value} in all` }))}
          value={might.currentCarrying ?? 2}
          onValue={(currentCarrying) => change({ currentCarrying })}
        />
        <TypedInput label="Load besides (A)" value={extra} onValue={setExtra} isWrong={isWrong(more, 1000)} />
        <TypedInput
          label={`Length (${lengthUnit})`}
          value={length}
          onValue={setLength}
          isWrong={isWrong(lengthM, 1000)}
        />
      </form>
      {wrong && <p className="font-medium text-danger">Give figures from 0 to 1000.</p>}
      <WhatIfAnswer before={before} after={after} might={question} asIs={asIs} />
      <KeepProposal
        panel={panel}
        missing={
          wrong || after.sizing.decision !== 'keep'
            ? 'Only what fits is kept: a breaker that suits its conductor and its load.'
            : null
        }
        proposal={{
          title: circuit?.label ?? placeText(breaker),
          breakerId: breaker.id,
          poles: breaker.poles,
          ratingAmps: question.breakerAmps,
          kind: breaker.kind,
          conductor: question.conductor,
          lengthM: lengthM ?? null,
          reasons: after.sizing.reasons.slice(0, 3).map(({ text }) => text),
        }}
      />
    </>
  );
}
