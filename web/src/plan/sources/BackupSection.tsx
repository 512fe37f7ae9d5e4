import { MOST_BACKUP_LOADS, type BackupPlan } from '@phylaxon/core/code/backup';
import type { PanelSource } from '@phylaxon/core/record/panelEntries';
import { backupQuestion, type BackupCircuit } from '@phylaxon/core/views/planning';
import { SOURCE_WORDS } from '@phylaxon/core/views/visit';
import { useMemo, useState } from 'react';
import { useComputation } from '../../shared/compute/index.ts';
import { SelectInput, toNumber, TypedInput } from '../../shared/ui/index.ts';
import { BackupAnswer } from './BackupAnswer.tsx';
import { BackupCircuits } from './BackupCircuits.tsx';
import { SUPPLY_OPTIONS } from './SourceForm.tsx';
import * as messages from './messages.ts';

/** A portable generator of common size, to begin with. */
const USUAL = { watts: '5000', startingWatts: '6250', supply: '120/240' as const };

/** Where nothing can be asked of the source. */
const NOTHING: BackupPlan = {
  ...{ carried: [], leftOut: [] },
  ...{ runningWatts: { a: 0, b: 0 }, limitWatts: { a: 0, b: 0 } },
};

/** What a source on record, or one that is typed, carries of the circuits that are chosen. */
export function BackupSection({
  sources,
  circuits,
  onChange,
}: {
  sources: readonly PanelSource[];
  circuits: readonly BackupCircuit[];
  onChange: (breakerId: string, some: Partial<BackupCircuit>) => void;
}) {
  // Solar by itself has no power at night; everything else can back a house up.
  const able = sources.filter(({ kind }) => kind !== 'solar');
  const [chosenId, setChosenId] = useState<string | null>(null);
  const chosen = able.find(({ id }) => id === (chosenId ?? able[0]?.id)) ?? null;
  const [typed, setTyped] = useState<{ watts: string; startingWatts: string; supply: PanelSource['supply'] }>(
    USUAL,
  );
  const isOwn = chosen === null || chosenId === '';
  const watts = isOwn ? (toNumber(typed.watts) ?? 0) : chosen.watts;
  const startingWatts = isOwn ? (toNumber(typed.startingWatts) ?? null) : chosen.startingWatts;
  const supply = isOwn ? typed.supply : chosen.supply;
  const isReadable =
    Number.isFinite(watts) && watts > 0 && (startingWatts === null || startingWatts >= watts);
  return (
    <section aria-label={messages.backup} className="space-y-3 border-t border-rule-strong pt-3">
      <h2 className="text-xl font-bold">{messages.backup}</h2>
      <form className="flex flex-wrap items-end gap-3" onSubmit={(event) => event.preventDefault()}>
        {able.length > 0 && (
          <SelectInput
            label={messages.backupSource}
            options={[
              ...able.map(({ id, kind }) => ({ value: id, label: SOURCE_WORDS[kind].name })),
              { value: '', label: messages.anotherSource },
            ]}
            value={isOwn ? '' : chosen.id}
            onValue={setChosenId}
          />
        )}
        {isOwn && (
          <>
            <TypedInput
              label={messages.power}
              value={typed.watts}
              onValue={(text) => setTyped((before) => ({ ...before, watts: text }))}
              isWrong={!isReadable}
            />
            <TypedInput
              label={messages.startingPower}
              value={typed.startingWatts}
              onValue={(text) => setTyped((before) => ({ ...before, startingWatts: text }))}
              isWrong={!isReadable}
            />
            <SelectInput
              label={messages.voltage}
              options={SUPPLY_OPTIONS}
              value={typed.supply}
              onValue={(value) => setTyped((before) => ({ ...before, supply: value }))}
            />
          </>
        )}
      </form>
      {!isReadable && (
        <p role="alert" className="font-medium text-danger">
          {messages.enterThePower}
        </p>
      )}
      {isReadable && <Carried {...{ watts, startingWatts, supply, circuits }} />}
      <BackupCircuits circuits={circuits} onChange={onChange} />
      <p className="font-medium">{messages.neverWithout}</p>
    </section>
  );
}

/** What the source carries of what is chosen; nothing while nothing is. */
function Carried({
  watts,
  startingWatts,
  supply,
  circuits,
}: Pick<PanelSource, 'watts' | 'startingWatts' | 'supply'> & { circuits: readonly BackupCircuit[] }) {
  const choice = useMemo(
    () => backupQuestion({ watts, startingWatts, supply }, circuits),
    [watts, startingWatts, supply, circuits],
  );
  const answer = useComputation('backup', choice.question);
  if (choice.isTooMany)
    return (
      <p role="alert" className="font-medium text-danger">
        {messages.atMost(MOST_BACKUP_LOADS)}
      </p>
    );
  const shown = choice.question === null ? NOTHING : answer;
  if (!shown || (choice.question === null && choice.refused.length === 0)) return null;
  return (
    <BackupAnswer circuits={circuits} answer={shown} refused={choice.refused} isOneLeg={supply === '120'} />
  );
}
