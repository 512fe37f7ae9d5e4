import {
  guessTable,
  type ChannelUnit,
  type ColumnUse,
  type DateOrder,
  type GuessedTable,
} from '@phylaxon/core/record/loggerTable';
import type { Board } from '@phylaxon/core/views/board';
import { proxy } from 'comlink';
import { useId, useState } from 'react';
import { zoneHere } from '../../shared/api/index.ts';
import {
  Button,
  FileField,
  nowLocal,
  NumberInput,
  Problems,
  ProgressBar,
  SelectInput,
} from '../../shared/ui/index.ts';
import { loggedPlaces, recordingPlace, placeOptions, placeValue } from './recordingPlace.ts';
import type { RecordingApi, ReadOutcome } from './recordingWorker.ts';
import type { RecordingWorker } from './useRecordingWorker.ts';
import * as messages from './messages.ts';

/** A million samples of a dozen channels take no more. */
const MOST_BYTES = 250_000_000;

export interface ReadFile {
  fileName: string;
  columns: { name: string; use: ColumnUse & { as: 'channel' } }[];
  shiftSeconds: number;
  outcome: Extract<ReadOutcome, { ok: unknown }>['ok'];
}

interface Props {
  board: Board;
  begin: () => RecordingWorker;
  end: () => void;
  onRead: (read: ReadFile | null) => void;
}

interface Opened {
  file: File;
  delimiter: string;
  table: GuessedTable;
  api: RecordingWorker;
}

const zone = zoneHere();

/** A logger’s file: chosen, its columns confirmed, read. Nothing is stored here. */
export function ImportLogger({ board, begin, end, onRead }: Props) {
  const [opened, setOpened] = useState<Opened | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [progress, setProgress] = useState<number | null>(null);

  const choose = async (file: File) => {
    onRead(null);
    setOpened(null);
    setProblem(null);
    if (file.size > MOST_BYTES) {
      setProblem(messages.theFileIsMbWhichIs(Math.round(file.size / 1e6)));
      return;
    }
    if (file.size === 0) {
      setProblem(messages.theFileIsEmpty);
      return;
    }
    const api = begin();
    const { rows, delimiter } = await api.firstLines(file);
    const table = guessTable(rows, loggedPlaces(board));
    if (table.columns.length < 2) {
      end();
      setProblem(messages.theFileHasNoColumnsIt);
      return;
    }
    setOpened({ file, delimiter, table, api });
  };
  const cancel = () => {
    end();
    setProgress(null);
    setOpened(null);
  };
  const read = async (settings: Parameters<RecordingApi['read']>[2]) => {
    const { file, delimiter, api, table } = opened!;
    setProblem(null);
    setProgress(0);
    const outcome = await api.read(file, delimiter, settings, proxy(setProgress));
    setProgress(null);
    if ('refused' in outcome) setProblem(outcome.refused);
    else {
      setOpened(null);
      onRead({
        fileName: file.name.slice(0, 120),
        columns: settings.columns.flatMap((use, i) =>
          use.as === 'channel' ? [{ name: table.columns[i]!.name.slice(0, 120), use }] : [],
        ),
        shiftSeconds: settings.shiftSeconds,
        outcome: outcome.ok,
      });
    }
  };

  return (
    <div className="space-y-3">
      <FileField
        label={messages.dataLoggerFile}
        accept=".csv,.tsv,.txt,text/*"
        onFile={(file) => void choose(file)}
      />
      <p className="text-sm text-ink-soft">{messages.aCsvOrTsvTableOf}</p>
      <Problems title={messages.theFileCouldNotBeRead} problems={problem === null ? [] : [problem]} />
      {progress !== null && (
        <ProgressBar words={messages.readingTheFile} share={progress} onCancel={cancel} />
      )}
      {opened && progress === null && (
        <Columns
          key={opened.file.name}
          opened={opened}
          board={board}
          onCancel={cancel}
          onConfirm={(settings) => void read(settings)}
        />
      )}
    </div>
  );
}

const UNIT_LABELS: Record<ChannelUnit, string> = {
  A: messages.currentA,
  mA: messages.currentMa,
  kA: messages.currentKa,
  V: messages.voltageV,
  mV: messages.voltageMv,
  kV: messages.voltageKv,
  '°C': messages.temperatureC,
  '°F': messages.temperatureF,
};

/** What a column may be taken for. */
const USES: { value: ChannelUnit | 'time' | 'nothing'; label: string }[] = [
  { value: 'time', label: messages.time },
  ...(Object.entries(UNIT_LABELS) as [ChannelUnit, string][]).map(([value, label]) => ({ value, label })),
  { value: 'nothing', label: messages.ignore },
];

const ORDERS: { value: DateOrder; label: string }[] = [
  { value: 'month-first', label: messages.monthFirst },
  { value: 'day-first', label: messages.dayFirst },
  { value: 'year-first', label: messages.yearFirst },
];

function Columns({
  opened: { file, table },
  board,
  onCancel,
  onConfirm,
}: {
  opened: Opened;
  board: Board;
  onCancel: () => void;
  onConfirm: (settings: Parameters<RecordingApi['read']>[2]) => void;
}) {
  const [uses, setUses] = useState(table.columns.map(({ use }) => use));
  const [asked, setAsked] = useState(table.columns.map(({ unitAsked }) => unitAsked));
  const [order, setOrder] = useState<DateOrder | null>(table.time?.kind === 'date' ? table.time.order : null);
  const [start, setStart] = useState(nowLocal());
  const [shift, setShift] = useState<number | null>(null);
  const id = useId();
  const needsStart = table.time?.kind === 'elapsed' || table.time?.kind === 'clock';
  const options = placeOptions(board);
  const change = (i: number, use: ColumnUse) => setUses(uses.map((one, j) => (j === i ? use : one)));
  const pick = (i: number, picked: (typeof USES)[number]['value']) => {
    setAsked(asked.map((one, j) => (j === i ? false : one)));
    const before = uses[i]!;
    const at = before.as === 'channel' ? before.at : ({ kind: 'other' } as const);
    change(
      i,
      picked === 'time' || picked === 'nothing' ? { as: picked } : { as: 'channel', unit: picked, at },
    );
  };
  const open = asked.filter(Boolean).length;
  const confirm = () =>
    onConfirm({
      headLines: table.headLines,
      decimal: table.decimal,
      time: table.time?.kind === 'date' && order ? { kind: 'date', order } : table.time,
      columns: uses,
      zone,
      startMs: new Date(start).getTime(),
      shiftSeconds: shift ?? 0,
    });
  return (
    <section aria-label={messages.columns} className="border-l-4 border-rule-strong pl-4">
      <h3 className="text-lg font-bold">{messages.checkTheColumns}</h3>
      <p className="wrap-anywhere">
        {messages.columnsOf(
          file.name,
          table.columns.length,
          table.headLines > 0 &&
            messages.beforeTheFirstSample(table.headLines, table.headLines === 1 ? 'line' : 'lines'),
        )}
      </p>
      <ul className="mt-2 divide-y divide-rule">
        {table.columns.map(({ name, examples }, i) => {
          const use = uses[i]!;
          return (
            <li
              key={i}
              className="grid items-center gap-x-3 gap-y-1 py-2 sm:grid-cols-[minmax(0,1fr)_12rem_15rem]"
            >
              <span className="min-w-0">
                <strong className="block truncate">{name || messages.column(i + 1)}</strong>
                <span className="figures block truncate text-sm text-ink-soft">
                  {examples.slice(0, 3).join('  ')}
                </span>
              </span>
              <SelectInput
                label={messages.contentsOf(name || messages.columnInline(i + 1))}
                isLabelHidden
                options={asked[i] ? [{ value: '', label: messages.chooseAUnit }, ...USES] : USES}
                value={asked[i] ? '' : use.as === 'channel' ? use.unit : use.as}
                onValue={(value) => value !== '' && pick(i, value)}
              />
              {use.as === 'channel' && !asked[i] && (
                <SelectInput
                  label={messages.whereWasMeasured(name || messages.columnInline(i + 1))}
                  isLabelHidden
                  options={options}
                  value={placeValue(use.at)}
                  onValue={(value) => change(i, { ...use, at: recordingPlace(value) })}
                />
              )}
            </li>
          );
        })}
      </ul>
      <div className="mt-2 flex flex-wrap items-end gap-4">
        {order && (
          <SelectInput label={messages.dateFormat} options={ORDERS} value={order} onValue={setOrder} />
        )}
        {needsStart && (
          <div>
            <label htmlFor={`${id}-start`} className="mb-1 block text-sm font-medium">
              {table.time?.kind === 'clock' ? messages.dateOfTheFirstSample : messages.timeOfTheFirstSample}
            </label>
            <input
              id={`${id}-start`}
              type="datetime-local"
              step={1}
              value={start}
              className="min-h-11 w-full rounded-sm border border-rule-strong bg-bone-raised px-2 py-1"
              onChange={(event) => setStart(event.target.value)}
            />
          </div>
        )}
        <NumberInput label={messages.loggerClockIsSlowByS} onValue={setShift} />
      </div>
      <p className="mt-1 text-sm text-ink-soft">{messages.timesAreReadInTheTime(zone)}</p>
      {open > 0 && (
        <p className="mt-2 font-medium">
          {messages.chooseTheUnitOfNeitherIts(
            open === 1 ? messages.oneMoreColumn : messages.moreColumns(open),
          )}
        </p>
      )}
      <div className="mt-3 flex gap-3">
        <Button disabled={open > 0} onClick={confirm}>
          {messages.readFile}
        </Button>
        <Button look="quiet" onClick={onCancel}>
          {messages.cancel}
        </Button>
      </div>
    </section>
  );
}
