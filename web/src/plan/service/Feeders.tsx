import { feeder, feederInput } from '@phylaxon/core/code/feeder';
import { sayConductor } from '@phylaxon/core/code/sizing';
import { FEEDER_GAUGES, type FeederGauge, type Material } from '@phylaxon/core/facts/standards';
import { sayPlace } from '@phylaxon/core/panel/layout';
import { loadAmps } from '@phylaxon/core/record/entities';
import type { PlannedPanel, Planning } from '@phylaxon/core/views/planning';
import { useState } from 'react';
import { ampsText, classes, SelectInput, toNumber, TypedInput, useUnits } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

/** Feeders of the sub-panels that hang on a panel: what they carry, and the grounding conductor beside them. */
export function Feeders({ planning, planned }: { planning: Planning; planned: PlannedPanel }) {
  const subPanels = planning.panels.flatMap((sub) => {
    const fed = planned.breakers.find(({ breaker }) => breaker.id === sub.panel.fedByBreakerId);
    return fed ? [{ sub, fed }] : [];
  });
  if (subPanels.length === 0) return null;
  return (
    <section aria-label={messages.subpanelFeeders} className="space-y-4 border-t border-rule-strong pt-3">
      <h2 className="text-xl font-bold">{messages.subpanelFeeders}</h2>
      {subPanels.map((one) => (
        <Feeder key={one.sub.panel.id} {...one} />
      ))}
      <p className="text-sm text-ink-soft">{messages.inASubpanelNeutralAndGround}</p>
    </section>
  );
}

const HEADLINES = {
  keep: messages.theFeederSuitsTheLoad,
  'size-down': messages.theBreakerIsTooLargeFor,
  'size-up': messages.theFeederBreakerIsTooSmall,
  rewire: messages.theFeederConductorIsTooSmall,
} as const;

/** What hangs on each leg, A, as if the 120 V loads were spread evenly. */
const connectedAmps = ({ breakers }: PlannedPanel): number =>
  breakers.reduce(
    (sum, { breaker, circuit }) =>
      sum +
      (circuit?.loads ?? []).reduce((all, load) => all + loadAmps(load) * (breaker.poles === 2 ? 1 : 0.5), 0),
    0,
  );

function Feeder({ sub, fed }: { sub: PlannedPanel; fed: PlannedPanel['breakers'][number] }) {
  const { fromMetres, toMetres, lengthUnit, say } = useUnits();
  const known = fed.circuit?.conductor;
  const [gauge, setGauge] = useState<FeederGauge>(known?.gauge ?? '6');
  const [material, setMaterial] = useState<Material>(known?.material ?? 'copper');
  const [length, setLength] = useState(fed.circuit?.lengthM ? `${fromMetres(fed.circuit.lengthM)}` : '');
  const [load, setLoad] = useState(`${Number(connectedAmps(sub).toFixed(1))}`);
  const [long, demandAmps] = [toNumber(length), toNumber(load)];
  const read = feederInput.safeParse({
    kind: 'feeder',
    demandAmps,
    breakerAmps: fed.breaker.ratingAmps,
    conductor: { gauge, material, insulationC: 75 },
    ...(typeof long === 'number' && { lengthM: toMetres(long) }),
    ...(sub.panel.busAmps !== null && { mainLugsAmps: sub.panel.busAmps }),
  });
  const answer = read.success ? feeder(read.data) : null;
  return (
    <div className="space-y-2">
      <h3 className="text-lg font-bold">
        {messages.from(sub.panel.name, sayPlace(fed.breaker), ampsText(fed.breaker.ratingAmps))}
      </h3>
      <div className="flex flex-wrap items-end gap-3">
        <SelectInput
          label={messages.conductor}
          options={FEEDER_GAUGES.map((value) => ({
            value,
            label: sayConductor({ gauge: value, material }).replace(` ${material}`, ''),
          }))}
          value={gauge}
          onValue={setGauge}
        />
        <SelectInput
          label={messages.material}
          options={[
            { value: 'copper' as const, label: messages.copper },
            { value: 'aluminum' as const, label: messages.aluminum },
          ]}
          value={material}
          onValue={setMaterial}
        />
        {(
          [
            [messages.loadA, load, setLoad],
            [messages.length(lengthUnit), length, setLength],
          ] as const
        ).map(([label, value, onValue]) => (
          <TypedInput key={label} label={label} value={value} onValue={onValue} />
        ))}
      </div>
      {!read.success && <p className="font-medium text-danger">{read.error.issues[0]!.message}</p>}
      {answer && (
        <div role="status">
          <p className={classes('font-bold', answer.decision !== 'keep' && 'text-danger')}>
            {HEADLINES[answer.decision]}
          </p>
          <ul className="list-disc pl-5">
            {answer.reasons.map(({ code, text }) => (
              <li key={code}>{say(text)}</li>
            ))}
            {answer.ground && (
              <li>
                {messages.equipmentGroundingConductorAt(
                  sayConductor({ gauge: answer.ground.copper, material: 'copper' }),
                  sayConductor({ gauge: answer.ground.aluminum, material: 'aluminum' }),
                )}
              </li>
            )}
            {answer.dropPercent !== null && <li>{messages.voltageDrop(answer.dropPercent.toFixed(1))}</li>}
          </ul>
        </div>
      )}
    </div>
  );
}
