import {
  METER_KINDS,
  METERED_LOADS,
  meterDifference,
  meterDifferenceInput,
  type MeteredLoad,
  type MeterKind,
} from '@phylaxon/core/physics/meterDifference';
import { useState } from 'react';
import { ampsText, Button, SelectInput, toNumber, TypedInput, useUnits } from '../../shared/ui/index.ts';
import { loadValues, type CircuitValues } from './formValues.ts';
import { TapCounter } from './TapCounter.tsx';
import * as messages from './messages.ts';

type LoadValues = CircuitValues['loads'][number];
interface Row {
  count: string;
  seconds: string;
  watts: string;
}
const EMPTY: Row = { count: '', seconds: '', watts: '' };
/** What is printed on such meters most often: Wh of a blink or a turn, W of the display’s step. */
const USUAL: Record<MeterKind, string> = { pulse: '1', disk: '7.2', display: '10' };

/** A circuit that cannot be plugged into a meter, measured with the cover closed: the utility meter read off, on, off. */
export function AtTheMeter({ poles, onAdd }: { poles: 1 | 2; onAdd: (load: LoadValues) => void }) {
  const { say } = useUnits();
  const [name, setName] = useState('');
  const [meter, setMeter] = useState<MeterKind>('pulse');
  const [each, setEach] = useState(USUAL.pulse);
  const [load, setLoad] = useState<MeteredLoad>('unknown');
  const [rows, setRows] = useState<readonly Row[]>([EMPTY, EMPTY, EMPTY]);
  const volts = poles === 2 ? 240 : 120;
  const read = meterDifferenceInput.safeParse({
    ...{ meter, volts, load },
    ...(meter === 'display' ? { stepWatts: toNumber(each) } : { wattHours: toNumber(each) }),
    readings: rows.map((row) =>
      meter === 'display'
        ? { watts: toNumber(row.watts) }
        : { count: toNumber(row.count), seconds: toNumber(row.seconds) },
    ),
  });
  const isFilled = rows.every((row) =>
    meter === 'display' ? row.watts !== '' : row.count !== '' && row.seconds !== '',
  );
  const answer = read.success ? meterDifference(read.data) : null;
  const change = (at: number, some: Partial<Row>) =>
    setRows((before) => before.map((row, i) => (i === at ? { ...row, ...some } : row)));
  const add = () => {
    if (!answer) return;
    const { amps, ampsRange, watts } = answer;
    onAdd(
      loadValues({
        ...{ name: name.trim(), volts, watts: Math.round(watts) },
        voltAmperes: Number(Math.max(watts, volts * amps).toFixed(1)),
        errorVoltAmperes: Number((volts * Math.max(amps - ampsRange.low, ampsRange.high - amps)).toFixed(1)),
      }),
    );
  };
  return (
    <div
      role="group"
      aria-label={messages.measuredAtTheMeter}
      className="space-y-3 border-l-4 border-rule-strong pl-4"
    >
      <p>{messages.howTheMeterMeasures}</p>
      <div className="flex flex-wrap gap-4">
        <TypedInput
          label={messages.appliance}
          value={name}
          onValue={setName}
          isFigure={false}
          className="w-48"
        />
        <SelectInput
          label={messages.utilityMeter}
          options={METER_KINDS.map((value) => ({ value, label: messages.meterKinds[value] }))}
          value={meter}
          onValue={(kind) => {
            setMeter(kind);
            setEach(USUAL[kind]);
          }}
        />
        <TypedInput label={messages.eachOf[meter]} value={each} onValue={setEach} />
        <SelectInput
          label={messages.whatItFeeds}
          options={METERED_LOADS.map((value) => ({ value, label: messages.meteredLoads[value] }))}
          value={load}
          onValue={setLoad}
        />
      </div>
      <ol className="space-y-3">
        {rows.map((row, i) => (
          <li key={i} className="flex flex-wrap items-end gap-3">
            <strong className="w-full">
              {i % 2 === 0 ? messages.withItOff(i + 1) : messages.withItOn(i + 1)}
            </strong>
            {meter === 'display' ? (
              <TypedInput
                label={messages.powerShown(i + 1)}
                value={row.watts}
                onValue={(watts) => change(i, { watts })}
              />
            ) : (
              <>
                <TypedInput
                  label={messages.counted(i + 1)}
                  value={row.count}
                  onValue={(count) => change(i, { count })}
                />
                <TypedInput
                  label={messages.secondsCounted(i + 1)}
                  value={row.seconds}
                  onValue={(seconds) => change(i, { seconds })}
                />
                <TapCounter
                  onCounted={(count, seconds) =>
                    change(i, { count: `${count}`, seconds: seconds.toFixed(1) })
                  }
                />
              </>
            )}
          </li>
        ))}
      </ol>
      {isFilled && read.error && (
        <p role="alert" className="font-medium text-danger">
          {say(read.error.issues[0]!.message)}
        </p>
      )}
      {answer && (
        <div aria-live="polite">
          {answer.ok ? (
            <p className="text-lg">
              <strong className="figures">{ampsText(answer.amps)}</strong>{' '}
              {messages.between(ampsText(answer.ampsRange.low), ampsText(answer.ampsRange.high))}
            </p>
          ) : (
            answer.reasons.map(({ code, text }) => (
              <p key={code} className="font-semibold text-heed">
                ! {text}
              </p>
            ))
          )}
        </div>
      )}
      <Button disabled={!answer?.ok || name.trim() === ''} onClick={add}>
        {messages.addTheMeasuredLoad(answer?.ok ? `: ${ampsText(answer.amps)}` : '')}
      </Button>
    </div>
  );
}
