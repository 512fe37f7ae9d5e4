import { BACKUP_SUPPLIES } from '@phylaxon/core/code/backup';
import {
  otherSources,
  SOURCE_CONNECTIONS,
  type PanelSource,
  type SourceConnection,
} from '@phylaxon/core/record/panelEntries';
import { SOURCE_WORDS } from '@phylaxon/core/views/visit';
import { SOURCE_KINDS, type SourceKind } from '@phylaxon/core/visit/work';
import { useState } from 'react';
import { newId } from '../../shared/api/index.ts';
import { Button, SelectInput, toNumber, TypedInput } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

/** Supplies to choose from. */
export const SUPPLY_OPTIONS = BACKUP_SUPPLIES.map((value) => ({ value, label: messages.supplies[value] }));

const USUAL: Record<SourceKind, { connection: SourceConnection; watts: string }> = {
  solar: { connection: 'bus', watts: '7600' },
  battery: { connection: 'bus', watts: '5000' },
  generator: { connection: 'interlock', watts: '5000' },
  vehicle: { connection: 'transfer-switch', watts: '9600' },
};

/** A source that is added to those of the panel. */
export function SourceForm({
  breakers,
  onAdd,
}: {
  breakers: readonly { value: string; label: string }[];
  onAdd: (source: PanelSource) => void;
}) {
  const [kind, setKind] = useState<SourceKind>('solar');
  const [connection, setConnection] = useState<SourceConnection>('bus');
  const [breakerId, setBreakerId] = useState('');
  const [watts, setWatts] = useState(USUAL.solar.watts);
  const [startingWatts, setStartingWatts] = useState('');
  const [supply, setSupply] = useState<PanelSource['supply']>('120/240');
  const read = otherSources.fields.shape.sources.element.safeParse({
    ...{ id: newId(), kind, connection, supply },
    breakerId: breakerId || null,
    watts: toNumber(watts),
    startingWatts: startingWatts.trim() === '' ? null : toNumber(startingWatts),
  });
  const wrong = new Set(read.error?.issues.map(({ path }) => path[0]));
  const choose = (next: SourceKind) => {
    setKind(next);
    setConnection(USUAL[next].connection);
    setWatts(USUAL[next].watts);
  };
  return (
    <form
      className="flex flex-wrap items-end gap-3"
      aria-label={messages.addASource}
      onSubmit={(event) => {
        event.preventDefault();
        if (read.success) onAdd(read.data);
      }}
    >
      <SelectInput
        label={messages.kind}
        options={SOURCE_KINDS.map((value) => ({ value, label: SOURCE_WORDS[value].name }))}
        value={kind}
        onValue={choose}
      />
      <SelectInput
        label={messages.connection}
        options={SOURCE_CONNECTIONS.map((value) => ({ value, label: messages.connections[value] }))}
        value={connection}
        onValue={setConnection}
      />
      <SelectInput
        label={messages.itsBreaker}
        options={[{ value: '', label: messages.noneYet }, ...breakers]}
        value={breakerId}
        onValue={setBreakerId}
      />
      <TypedInput label={messages.power} value={watts} onValue={setWatts} isWrong={wrong.has('watts')} />
      <TypedInput
        label={messages.startingPower}
        value={startingWatts}
        onValue={setStartingWatts}
        isWrong={wrong.has('startingWatts')}
      />
      <SelectInput label={messages.voltage} options={SUPPLY_OPTIONS} value={supply} onValue={setSupply} />
      <Button type="submit" disabled={!read.success}>
        {messages.add}
      </Button>
      {read.error && (
        <p role="alert" className="w-full font-medium text-danger">
          {messages.enterThePower}
        </p>
      )}
    </form>
  );
}
