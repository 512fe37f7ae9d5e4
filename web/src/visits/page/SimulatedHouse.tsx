import { VISIT_FAULTS, visitAnswer, type VisitFault } from '@phylaxon/core/simulate/panel';
import { screenOf, workOn, type VisitFact, type WorkState } from '@phylaxon/core/visit/work';
import type { VisitRecord } from '@phylaxon/core/views/visit';
import { FlaskConical } from 'lucide-react';
import { useState } from 'react';
import { FieldError, SelectInput, useAction } from '../../shared/ui/index.ts';
import { useVisitWork } from '../visitRecord/index.ts';
import * as messages from './messages.ts';

const FAULTS = (Object.keys(VISIT_FAULTS) as VisitFault[]).map((value) => ({
  value,
  label: VISIT_FAULTS[value],
}));

/** What the house answers on the screen that is next, up to where it meets trouble. */
function answersOf({ plan, steps }: VisitRecord, state: WorkState, fault: VisitFault): VisitFact[] {
  const told = steps.map(({ fact }) => fact);
  const facts: VisitFact[] = [];
  let at: WorkState | null = state;
  for (const step of screenOf(plan, state).steps) {
    const fact = visitAnswer({ seed: plan.visitId, fault, told: [...told, ...facts] }, at, step);
    at = fact && workOn(plan, at, fact);
    if (!fact || !at) break;
    facts.push(fact);
    if (at.met !== null || at.gates.stop !== null) break;
  }
  return facts;
}

/** On a demo site, where nobody stands at a panel: a made-up house answers, plainly marked, with what is chosen wrong in it. */
export function SimulatedHouse() {
  const { record, state, tell } = useVisitWork();
  const [fault, setFault] = useState<VisitFault>('none');
  const { busy, problem, run } = useAction();
  if (!record.site.demo) return null;
  const facts = answersOf(record, state, fault);
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
          disabled={busy || facts.length === 0}
          onClick={() => void run(() => tell(facts, true))}
          className="min-h-11 rounded-sm border border-rule-strong px-4 font-semibold hover:bg-bone-sunk disabled:text-ink-soft"
        >
          {facts.length === 0 ? messages.aPersonHasToChoose : messages.answerFromTheSimulation}
        </button>
      </div>
      <FieldError message={problem ?? undefined} />
    </div>
  );
}
