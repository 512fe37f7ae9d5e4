import type { EffectiveRating, EstimateJudgment, Settlement } from '@phylaxon/core/physics/breakerEstimate';
import { sayDuration } from '@phylaxon/core/facts/quantities';
import { useWork } from '../../shared/compute/index.ts';
import { ampsText, Button, Notice, percentText } from '../../shared/ui/index.ts';
import { recordOf, runningLoads, sayList } from './bench.ts';
import type { PartProps } from './partProps.ts';
import * as messages from './messages.ts';

/** What to do next about what the record says: its joint first, a trial that settles it, or another unit. */
export function NextTrialCard({ detail, onLog, onCircuit, result }: PartProps & { result: EffectiveRating }) {
  const { circuit, sizing, verdict } = detail;
  const record = recordOf(detail);
  const open = result.judgement === 'undetermined';
  const loads = runningLoads(circuit).map(({ name, amps }) => ({ name: name ?? '', amps }));
  const settlement = useWork('settle', open ? { record, ampacity: sizing?.ampacity ?? null, loads } : null);
  if (verdict.decision.stop.active) {
    return <Notice title={messages.doNotTestThisBreakerWhile} />;
  }
  if (result.judgement === 'weak') return <JointFirst detail={detail} onLog={onLog} />;
  if (!open || !settlement) return null;
  if (isWarm(detail)) return <JointFirst detail={detail} onLog={onLog} />;
  if (settlement.kind === 'conductor-first') {
    return (
      <Notice title={messages.enterTheConductorFirst}>
        <p>{messages.aTestWouldDecideThisBut}</p>
        <Button look="quiet" className="mt-2" onClick={onCircuit}>
          {messages.enterTheConductor}
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
      <Notice title={messages.fixTheHotConnectionFirst}>
        <p>{messages.aHotConnectionHeatsTheThermal}</p>
      </Notice>
    );
  }
  if (detail.heat.length > 0) {
    return (
      <Notice title={messages.theConnectionIsCool}>
        <p>{messages.noHotConnectionExplainsThe}</p>
      </Notice>
    );
  }
  return (
    <Notice title={messages.measureTheConnection}>
      <p>{messages.anEarlyTripDoesNotProve}</p>
      <Button look="quiet" className="mt-2" onClick={() => onLog('reading')}>
        {messages.logATemperature}
      </Button>
    </Notice>
  );
}

const SAYS: Record<EstimateJudgment, string> = {
  weak: messages.theBreakerIsWeak,
  sound: messages.theBreakerIsSound,
  sluggish: messages.theBreakerIsSluggish,
  undetermined: messages.stillNotConclusive,
};

function Settle({
  settlement,
  detail,
  onLog,
}: { settlement: Settlement } & Pick<PartProps, 'detail' | 'onLog'>) {
  if (settlement.kind === 'off-panel') {
    return (
      <Notice title={messages.noSafeTestCanDecideThis}>
        <p>{messages.onlyATestAboveWouldWhich(ampsText(settlement.limitAmps))}</p>
      </Notice>
    );
  }
  if (settlement.kind !== 'trial') return null;
  const { amps, seconds, loads, chance, ifHeld, ifTripped } = settlement;
  const what =
    loads.length > 0 ? messages.together(sayList(loads), ampsText(amps)) : messages.aSteady(ampsText(amps));
  if (detail.handle !== 'on') {
    return (
      <Notice title={messages.theBreakerMustBeOnAnd}>
        <p>{messages.thenATestWouldDecideThis(what, sayDuration(seconds))}</p>
        <Button look="quiet" className="mt-2" onClick={() => onLog('reset')}>
          {messages.logAReset}
        </Button>
      </Notice>
    );
  }
  return (
    <Notice title={messages.aSafeTestWouldDecideThis(what, sayDuration(seconds))}>
      <p>
        {messages.startWithTheBreakerColdAnd(
          loads.length === 0 && messages.plugInOneOrTwoHeaters,
          SAYS[ifHeld],
          SAYS[ifTripped],
          percentText(chance),
        )}
      </p>
      <p className="mt-1">{messages.stayWithThePanelAndFeel}</p>
      <p className="mt-2 flex flex-wrap gap-2">
        <Button look="quiet" onClick={() => onLog('no-trip')}>
          {messages.logThatItHeld}
        </Button>
        <Button look="quiet" onClick={() => onLog('trip')}>
          {messages.logThatItTripped}
        </Button>
      </p>
    </Notice>
  );
}
