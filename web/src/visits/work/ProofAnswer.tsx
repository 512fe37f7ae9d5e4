import { amps, surfaceC, volts } from '@phylaxon/core/facts/quantities';
import { VISIT_OUTCOME_WORDS } from '@phylaxon/core/views/visit';
import type { Proof, ProofId } from '@phylaxon/core/visit/work';
import { useState } from 'react';
import { Button, FieldError, NumberInput, useUnits, useAction } from '../../shared/ui/index.ts';
import { FigureForm, useVisitWork } from '../visitRecord/index.ts';
import * as messages from './messages.ts';

type OutcomeOf<P extends ProofId> = Extract<Proof, { proof: P }> extends { outcome: infer O } ? O : never;
const WIRING: readonly OutcomeOf<'outlet-wiring'>[] = ['correct', 'reversed', 'open-ground', 'open-neutral'];
const BUTTON: readonly OutcomeOf<'test-button'>[] = ['trips-and-resets', 'does-not-trip', 'will-not-reset'];

/** What answers a proof: a figure, or what was seen. */
export function ProofAnswer({ id, proof }: { id: string; proof: ProofId }) {
  const { tell } = useVisitWork();
  const told = { is: 'proof', id } as const;
  switch (proof) {
    case 'off-output':
    case 'between-poles':
      return (
        <FigureForm
          label={messages.meterReading}
          unit="V"
          schema={volts}
          button={messages.save}
          onFigure={(value) => tell({ ...told, proof, volts: value })}
        />
      );
    case 'current':
      return (
        <FigureForm
          label={messages.current}
          unit="A"
          schema={amps}
          button={messages.save}
          onFigure={(value) => tell({ ...told, proof, amps: value })}
        />
      );
    case 'outlet-wiring':
      return <Outcomes outcomes={WIRING} onOutcome={(outcome) => tell({ ...told, proof, outcome })} />;
    case 'test-button':
      return <Outcomes outcomes={BUTTON} onOutcome={(outcome) => tell({ ...told, proof, outcome })} />;
    case 'temperature':
      return <Temperature id={id} />;
  }
}

function Outcomes<O extends keyof typeof VISIT_OUTCOME_WORDS>({
  outcomes,
  onOutcome,
}: {
  outcomes: readonly O[];
  onOutcome: (outcome: O) => Promise<void>;
}) {
  const { busy, problem, run } = useAction();
  return (
    <div className="space-y-3">
      {outcomes.map((outcome, i) => (
        <Button
          key={outcome}
          look={i === 0 ? 'primary' : 'quiet'}
          className="block min-h-12 w-full text-left sm:w-auto sm:min-w-72"
          disabled={busy}
          onClick={() => void run(() => onOutcome(outcome))}
        >
          {VISIT_OUTCOME_WORDS[outcome]}
        </Button>
      ))}
      <FieldError message={problem ?? undefined} />
    </div>
  );
}

function Temperature({ id }: { id: string }) {
  const { tell } = useVisitWork();
  const { temperatureUnit, toCelsius } = useUnits();
  const { busy, problem, run } = useAction();
  const [face, setFace] = useState<number | null>(null);
  const [air, setAir] = useState<number | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const store = () => {
    if (face === null || air === null) {
      setWrong(messages.enterBothTheBreakerFaceAnd);
      return;
    }
    const read = [face, air].map((value) => surfaceC.safeParse(toCelsius(value)));
    const bad = read.find(({ success }) => !success);
    setWrong(bad?.error?.issues[0]?.message ?? null);
    if (bad) return;
    const [faceC, airC] = read.map(({ data }) => data!) as [number, number];
    void run(() => tell({ is: 'proof', id, proof: 'temperature', surfaceC: faceC, ambientC: airC }));
  };
  return (
    <div>
      <div className="flex flex-wrap items-end gap-3">
        <NumberInput label={messages.breakerFace(temperatureUnit)} onValue={setFace} />
        <NumberInput label={messages.ambient(temperatureUnit)} onValue={setAir} />
        <Button look="quiet" disabled={busy} onClick={store}>
          {messages.save}
        </Button>
      </div>
      <FieldError message={wrong ?? problem ?? undefined} />
    </div>
  );
}
