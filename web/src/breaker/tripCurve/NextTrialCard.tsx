import type { EffectiveRating, EstimateJudgment, Settlement } from '@phylaxon/core/physics/breakerEstimate';
import { sayDuration } from '@phylaxon/core/facts/quantities';
import { useWork } from '../../shared/compute/index.ts';
import { ampsText, Button, Notice, percentText } from '../../shared/ui/index.ts';
import { recordOf, runningLoads, sayList } from './bench.ts';
import type { PartProps } from './partProps.ts';

/** What to do next about what the record says: its joint first, a trial that settles it, or another unit. */
export function NextTrialCard({ detail, onLog, onCircuit, result }: PartProps & { result: EffectiveRating }) {
  const { circuit, sizing, verdict } = detail;
  const record = recordOf(detail);
  const open = result.judgement === 'undetermined';
  const loads = runningLoads(circuit).map(({ name, amps }) => ({ name: name ?? '', amps }));
  const settlement = useWork('settle', open ? { record, ampacity: sizing?.ampacity ?? null, loads } : null);
  if (verdict.decision.stop.active) {
    return <Notice title="No trial while a danger sign stands." />;
  }
  if (result.judgement === 'weak') return <JointFirst detail={detail} onLog={onLog} />;
  if (!open || !settlement) return null;
  if (isWarm(detail)) return <JointFirst detail={detail} onLog={onLog} />;
  if (settlement.kind === 'conductor-first') {
    return (
      <Notice title="First its conductor">
        <p>
          A trial would settle it, but none is safe while nobody knows what the conductor carries. Give its
          size and material.
        </p>
        <Button look="quiet" className="mt-2" onClick={onCircuit}>
          Describe the conductor
        </Button>
      </Notice>
    );
  }
  return <Settle settlement={settlement} detail={detail} onLog={onLog} />;
}

const isWarm = ({ heat }: PartProps['detail']) => heat.some(({ grade }) => grade !== 'normal');

function JointFirst({ detail, onLog }: Pick<PartProps, 'detail' | 'onLog'>) {
  if (isWarm(detail)) {
    return (
      <Notice title="Its joint is warm: that first">
        <p>
          A hot joint heats the bimetal and makes a sound breaker open early. Have it remade, then log again.
        </p>
      </Notice>
    );
  }
  if (detail.heat.length > 0) {
    return (
      <Notice title="Its joint is cool">
        <p>No hot joint explains it. The decision above says what follows.</p>
      </Notice>
    );
  }
  return (
    <Notice title="First the temperature of its joint">
      <p>
        A low figure is not yet a bad breaker: a hot joint or hot neighbors heat the bimetal too. Take its
        face under load, cover closed; behind the cover it is an electrician’s work.
      </p>
      <Button look="quiet" className="mt-2" onClick={() => onLog('reading')}>
        Log a temperature
      </Button>
    </Notice>
  );
}

const SAYS: Record<EstimateJudgment, string> = {
  weak: 'it is weak',
  sound: 'it is sound',
  sluggish: 'it is sluggish',
  undetermined: 'still open',
};

function Settle({
  settlement,
  detail,
  onLog,
}: { settlement: Settlement } & Pick<PartProps, 'detail' | 'onLog'>) {
  if (settlement.kind === 'off-panel') {
    return (
      <Notice title="No safe trial settles it">
        <p>
          Only more than {ampsText(settlement.limitAmps)} would, which is above its rating or its conductor’s
          ampacity. Do not try that here: replace the breaker, or have it tested off the panel.
        </p>
      </Notice>
    );
  }
  if (settlement.kind !== 'trial') return null;
  const { amps, seconds, loads, chance, ifHeld, ifTripped } = settlement;
  const what =
    loads.length > 0 ? `${sayList(loads)}, ${ampsText(amps)} together` : `a steady ${ampsText(amps)}`;
  if (detail.handle !== 'on') {
    return (
      <Notice title="First it must be on and hold">
        <p>
          A trial would settle it then: {what}, for {sayDuration(seconds)}. Reset it fully, once, when it has
          cooled and what made it trip is known.
        </p>
        <Button look="quiet" className="mt-2" onClick={() => onLog('reset')}>
          Log a reset
        </Button>
      </Notice>
    );
  }
  return (
    <Notice title={`A safe trial would settle it: ${what}, for ${sayDuration(seconds)}`}>
      <p>
        {loads.length === 0 && 'With a heater or two of that current, plugged in for it. '}From cold, nothing
        else on the circuit. It holds: {SAYS[ifHeld]}. It trips: {SAYS[ifTripped]}. The chance that this
        settles it is {percentText(chance)}. It is not above the rating, nor above what the conductor carries.
      </p>
      <p className="mt-1">
        Stay with it; feel its face with the back of your hand now and then. Sizzling, a smell or a face too
        hot to hold: switch it off and stop.
      </p>
      <p className="mt-2 flex flex-wrap gap-2">
        <Button look="quiet" onClick={() => onLog('no-trip')}>
          It held: log it
        </Button>
        <Button look="quiet" onClick={() => onLog('trip')}>
          It tripped: log it
        </Button>
      </p>
    </Notice>
  );
}
