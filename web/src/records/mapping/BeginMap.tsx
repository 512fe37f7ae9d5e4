import { MAP_CHECKS, type MapCheck } from '@phylaxon/core/panel/circuitMap';
import type { HouseMap } from '@phylaxon/core/record/panelEntries';
import { suspensionOf, type Board } from '@phylaxon/core/views/board';
import { mapMinutes, readRooms, roundsOf, withPlace, type MapWay } from '@phylaxon/core/views/houseMap';
import { useId, useMemo, useState } from 'react';
import { newId } from '../../shared/api/index.ts';
import {
  Button,
  CheckInput,
  FieldError,
  placeText,
  SelectInput,
  toggled,
  TypedLines,
  Suspended,
  useAction,
} from '../../shared/ui/index.ts';
import { AddPlace } from './AddPlace.tsx';
import { useTypedRooms } from './typedRooms.ts';

const CHECK_WORDS: Record<MapCheck, string> = {
  none: 'Off',
  detect: 'Detect mistakes',
  correct: 'Correct mistakes',
};

interface Props {
  board: Board;
  /** Breakers of critical loads: they stay on unless the person decides otherwise here. */
  keepsPower: readonly string[];
  onBegin: (map: HouseMap) => Promise<void>;
}

/** What has to be known before the first round: the places, what stays on, and which way. */
export function BeginMap({ board, keepsPower, onBegin }: Props) {
  const { panel, breakers } = board;
  const id = useId();
  const { typed, type } = useTypedRooms();
  const text = typed[panel.id] ?? '';
  const [chosen, setChosen] = useState<ReadonlySet<string> | null>(null);
  const [way, setWay] = useState<MapWay>('rounds');
  const [check, setCheck] = useState<MapCheck>('detect');
  const { problem, busy, leave } = useAction();
  const suspension = useMemo(() => suspensionOf(breakers), [breakers]);
  const { branches, untouched } = useMemo(() => {
    const all = breakers.filter(({ breaker }) => breaker.role === 'branch');
    const isLeftAlone = (one: Board['breakers'][number]) =>
      suspension.ofBreaker('mapping', one) || one.handle !== 'on';
    return { branches: all.filter((one) => !isLeftAlone(one)), untouched: all.filter(isLeftAlone) };
  }, [breakers, suspension]);
  const stayOn = useMemo(
    () => chosen ?? new Set(keepsPower.filter((one) => branches.some(({ breaker }) => breaker.id === one))),
    [chosen, keepsPower, branches],
  );
  const mayBeOff = useMemo(
    () => branches.map(({ breaker }) => breaker.id).filter((one) => !stayOn.has(one)),
    [branches, stayOn],
  );
  const { rooms, notUnderstood } = useMemo(() => readRooms(text, newId), [text]);
  const count = rooms.reduce((sum, room) => sum + room.places.length, 0);
  const roundsBy = useMemo(
    () => Object.fromEntries(MAP_CHECKS.map((one) => [one, roundsOf(mayBeOff, 'rounds', one)])),
    [mayBeOff],
  );
  const rounds = roundsBy[check]!;
  const minutes = mapMinutes(
    rounds.map(({ off }) => off.length),
    mayBeOff.length,
    count,
  );
  const begin = () =>
    leave(() =>
      onBegin({
        mapId: newId(),
        check: way === 'rounds' ? check : 'none',
        rooms,
        stayOn: [...stayOn],
        rounds: way === 'rounds' ? rounds : roundsOf(mayBeOff, way, 'none'),
      }),
    );
  if (suspension.ofPanel('mapping'))
    return (
      <Suspended title="Do not map this panel until the hazard is dealt with." suspension={suspension} />
    );
  return (
    <div className="space-y-5">
      <div>
        <TypedLines
          label="Rooms and what is in them"
          hint="A room a line, its outlets, lamps and machines behind a colon. Both halves of a double outlet, switched halves, the yard and the garage, doorbell and smoke alarms."
          rows={8}
          value={text}
          onValue={(lines) => type(panel.id, lines)}
          placeholder={'Kitchen: counter left, counter right, hood, fridge\nHall: lamp, outlet by the door'}
        />
        <AddPlace onAdd={(room, place) => type(panel.id, withPlace(text, room, place))} />
        {notUnderstood.length > 0 && (
          <FieldError
            message={`No room and no places in: “${notUnderstood[0]}”. Write the room, a colon, then its places.`}
          />
        )}
      </div>
      <details className="border-t border-rule">
        <summary className="min-h-11 py-2 font-semibold">
          Breakers that stay on{stayOn.size > 0 && `: ${stayOn.size}`}
        </summary>
        <p className="text-sm text-ink-soft">
          Alarms, medical equipment, servers, a freezer in summer. Mapping finds their circuits by
          elimination.
        </p>
        <div className="sm:grid sm:grid-cols-2">
          {branches.map(({ breaker, label }) => (
            <CheckInput
              key={breaker.id}
              label={`${placeText(breaker)} ${label ?? ''} stays on`}
              checked={stayOn.has(breaker.id)}
              onChecked={(isOn) => setChosen(toggled(stayOn, breaker.id, isOn))}
            />
          ))}
        </div>
      </details>
      {untouched.length > 0 && (
        <p className="border-l-4 border-danger pl-3">
          Not used for mapping, because of a hazard or because they are off or tripped:{' '}
          {untouched.map(({ breaker, label }) => `${placeText(breaker)} ${label ?? ''}`.trim()).join(', ')}.
          Do not turn these breakers on: repair the fault first. Their circuits stay off in every round.
        </p>
      )}
      <fieldset className="space-y-1">
        <legend className="font-semibold">Method</legend>
        {(
          [
            ['rounds', `By yourself, in ${rounds.length} rounds`, minutes.rounds],
            [
              'one-by-one',
              `With a second person at the panel, one breaker at a time (${mayBeOff.length} rounds)`,
              minutes.oneByOne,
            ],
          ] as const
        ).map(([value, label, takes]) => (
          <label key={value} className="flex min-h-11 items-center gap-3">
            <input
              type="radio"
              name={`${id} way`}
              checked={way === value}
              onChange={() => setWay(value)}
              className="size-5 shrink-0 accent-ink"
            />
            <span>
              {label}
              {count > 0 && (
                <span className="figures text-ink-soft">, about {Math.max(1, Math.round(takes))} min</span>
              )}
            </span>
          </label>
        ))}
      </fieldset>
      {way === 'rounds' && (
        <SelectInput
          label="Error checking"
          options={MAP_CHECKS.map((value) => ({
            value,
            label: `${CHECK_WORDS[value]}: ${roundsBy[value]!.length} rounds`,
          }))}
          value={check}
          onValue={setCheck}
        />
      )}
      <p className="text-sm text-ink-soft">
        Shut down computers first. Do not force a handle. If a handle will not move or will not turn back on,
        log it as a finding.
      </p>
      <Button
        disabled={busy || count === 0 || mayBeOff.length === 0 || notUnderstood.length > 0}
        onClick={() => void begin()}
      >
        Begin the first round
      </Button>
      {count > 0 && (
        <span className="ml-3 text-ink-soft">
          {rooms.length} {rooms.length === 1 ? 'room' : 'rooms'}, {count} {count === 1 ? 'place' : 'places'}
        </span>
      )}
      <FieldError message={problem ?? undefined} />
    </div>
  );
}
