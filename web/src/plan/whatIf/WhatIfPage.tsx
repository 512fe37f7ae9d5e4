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
import * as messages from './messages.ts';

/** A circuit as it is beside what it might be. Nothing is stored but what is kept as a proposal. */
export function WhatIfPage() {
  const { panelId = '', breakerId = '' } = useParams();
  const { data: detail, error } = useQuery(recordQueries.detail(breakerId));
  return (
    <main className="max-w-5xl space-y-6 px-4 py-5 sm:px-6">
      <PageHead
        backTo={`/panels/${panelId}/breakers/${breakerId}`}
        back={
          detail
            ? `${detail.circuit?.label ?? messages.breaker}, ${placeText(detail.breaker)}`
            : messages.breaker
        }
        title={messages.tryAChange}
      >
        <p className="text-ink-soft">{messages.changeAnyValueNothingOnThis}</p>
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
      {!circuit?.conductor && <Notice title={messages.theConductorIsNotOnRecord} />}
      <form className="flex flex-wrap items-end gap-3" onSubmit={(event) => event.preventDefault()}>
        <SelectInput
          label={messages.breaker}
          options={STANDARD_RATINGS_AMPS.map((value) => ({ value: value as number, label: `${value} A` }))}
          value={might.breakerAmps}
          onValue={(breakerAmps) => change({ breakerAmps })}
        />
        <SelectInput
          label={messages.conductor}
          options={GAUGES.map((value) => ({ value, label: messages.awg(value) }))}
          value={might.conductor.gauge}
          onValue={(gauge) => conductor({ gauge })}
        />
        <SelectInput
          label={messages.material}
          options={[
            { value: 'copper' as const, label: messages.copper },
            { value: 'aluminum' as const, label: messages.aluminum },
          ]}
          value={might.conductor.material}
          onValue={(material) => conductor({ material })}
        />
        <SelectInput
          label={messages.insulation}
          options={([60, 75, 90] as const).map((value) => ({ value, label: `${value} °C` }))}
          value={might.conductor.insulationC}
          onValue={(insulationC) => conductor({ insulationC })}
        />
        <SelectInput
          label={messages.wiringMethod}
          options={[
            { value: 'nm' as const, label: messages.nmCable },
            { value: 'other' as const, label: messages.other },
          ]}
          value={might.conductor.cable}
          onValue={(cable) => conductor({ cable })}
        />
        <SelectInput
          label={messages.terminationRating}
          options={([60, 75] as const).map((value) => ({ value, label: `${value} °C` }))}
          value={might.terminalC}
          onValue={(terminalC) => change({ terminalC })}
        />
        <SelectInput
          label={messages.ambientTemperature}
          options={[10, 20, 30, 35, 40, 45, 50, 60].map((value) => ({
            value,
            label: temperatureText(value),
          }))}
          value={might.ambientC ?? 30}
          onValue={(ambientC) => change({ ambientC })}
        />
        <SelectInput
          label={messages.currentCarryingConductors}
          options={[2, 3, 6, 9, 20, 30].map((value) => ({ value, label: `${value}` }))}
          value={might.currentCarrying ?? 2}
          onValue={(currentCarrying) => change({ currentCarrying })}
        />
        <TypedInput
          label={messages.additionalLoadA}
          value={extra}
          onValue={setExtra}
          isWrong={isWrong(more, 1000)}
        />
        <TypedInput
          label={messages.length(lengthUnit)}
          value={length}
          onValue={setLength}
          isWrong={isWrong(lengthM, 1000)}
        />
      </form>
      {wrong && <p className="font-medium text-danger">{messages.enterValuesFrom0To1000}</p>}
      <WhatIfAnswer before={before} after={after} might={question} asIs={asIs} />
      <KeepProposal
        panel={panel}
        missing={wrong || after.sizing.decision !== 'keep' ? messages.onlyABreakerThatSuitsIts : null}
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
