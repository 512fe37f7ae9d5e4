import { VISIT_FAULTS, visitAnswer, type VisitFault } from '@phylaxon/core/simulate/panel';
import { FlaskConical } from 'lucide-react';
import { useState } from 'react';
import { FieldError, SelectInput, useAction } from '../../shared/ui/index.ts';
import { useVisitWork } from '../visitRecord/index.ts';
import * as messages from './messages.ts';

const FAULTS = (Object.keys(VISIT_FAULTS) as VisitFault[]).map((value) => ({
  value,
  label: VISIT_FAULTS[value],
}));

/** On a demo site, where nobody stands at a panel: a made-up house answers, plainly marked, with what is chosen wrong in it. */
export function SimulatedHouse() {
  const { record, state, next, tell } = useVisitWork();
  const [fault, setFault] = useState<VisitFault>('none');
  const { busy, problem, run } = useAction();
  if (!record.site.demo) return null;
  const told = record.steps.map((step) => step.fact);
  const fact = visitAnswer({ seed: record.plan.visitId, fault, told }, state, next);
  return (
    <div className="border border-dashed border-rule-strong px-3 py-2">
      <p className="flex items-center gap-2 font-bold">
        <FlaskConical aria-hidden="true" className="size-5 shrink-0" />
        {messages.simulatedHouseThisIsADemo}
      </p>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        <SelectInput
          label={messages.faultInTheSimulatedHouse}
          options={FAULTS}
          value={fault}
          onValue={setFault}
        />
        <button
          type="button"
          disabled={busy || fact === null}
          onClick={() => void run(() => tell(fact!, true))}
          className="min-h-11 rounded-sm border border-rule-strong px-4 font-semibold hover:bg-bone-sunk disabled:text-ink-soft"
        >
          {fact === null ? messages.aPersonHasToChoose : messages.answerFromTheSimulation}
        </button>
      </div>
      <FieldError message={problem ?? undefined} />
    </div>
  );
}
