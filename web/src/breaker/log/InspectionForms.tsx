import type { Breaker, InspectionName } from '@phylaxon/core/record/entities';
import { INSPECTIONS } from '@phylaxon/core/record/inspections';
import { useState, type ComponentType } from 'react';
import { SelectInput } from '../../shared/ui/index.ts';
import { useMayDo } from '../../shared/stores/index.ts';
import { ConductorMarkingForm } from './ConductorMarkingForm.tsx';
import * as messages from './messages.ts';

interface Props {
  breaker: Breaker;
  where: string;
}

/** Each kind of inspection has a form. */
const FORMS: Record<InspectionName, ComponentType<Props>> = { 'conductor-marking': ConductorMarkingForm };
const NAMES = Object.keys(FORMS) as InspectionName[];

/** The kinds that the person at work may inspect. */
export function useInspections(): InspectionName[] {
  const mayDo = useMayDo();
  return NAMES.filter((name) => mayDo(INSPECTIONS[name].level));
}

/** Log what was inspected: which kind, then its form. */
export function InspectionForms(props: Props) {
  const names = useInspections();
  const [chosen, setChosen] = useState<InspectionName | undefined>(names[0]);
  const Form = chosen && FORMS[chosen];
  return (
    <div className="space-y-4">
      {names.length === 1 ? (
        <h3 className="font-semibold">{INSPECTIONS[names[0]!].name}</h3>
      ) : (
        <SelectInput
          label={messages.whatDidYouInspect}
          options={names.map((value) => ({ value, label: INSPECTIONS[value].name }))}
          value={chosen!}
          onValue={setChosen}
        />
      )}
      {Form && <Form {...props} />}
    </div>
  );
}
