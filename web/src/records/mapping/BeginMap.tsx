import { MAP_CHECKS, type MapCheck } from '@phylaxon/core/panel/circuitMap';
import type { HouseMap } from '@phylaxon/core/record/panelEntries';
import { suspensionOf, type Board } from '@phylaxon/core/views/board';
import {
  branchesToMap,
  mapMinutes,
  readRooms,
  roundsOf,
  withPlace,
  type MapWay,
} from '@phylaxon/core/views/houseMap';
import { useId, useMemo, useState } from 'react';
import { newId } from '../../shared/api/index.ts';
import { useWork } from '../../shared/compute/index.ts';
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
import * as messages from './messages.ts';

const CHECK_WORDS: Record<MapCheck, string> = {
  none: messages.off,
  detect: messages.detectErrors,
  correct: messages.correctErrors,
};

interface Props {
  board: Board;
  /** Breakers of critical loads: they stay on unless the person decides otherwise here. */
  keepsPower: readonly string[];
  onBegin: (map: HouseMap) => Promise<void>;
}

const listText = (breakers: Board['breakers']) =>
  breakers.map(({ breaker, label }) => `${placeText(breaker)} ${label ?? ''}`.trim()).join(', ');

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
  const { usable: branches, leftAlone, disconnects } = useMemo(() => branchesToMap(board), [board]);
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
  const planBy = useWork('mapPlans', { breakers, mayBeOff, rooms });
  // One stage, until it is known whether two are quicker.
  const oneStage = useMemo(
    () => Object.fromEntries(MAP_CHECKS.map((one) => [one, roundsOf(mayBeOff, 'rounds', one)])),
    [mayBeOff],
  );
  const planOf = (one: MapCheck) => {
    const staged = planBy?.[one];
    // An answer to the question before may turn off a breaker that is to stay on by now.
    const off = new Set(staged?.rounds.flatMap((round) => round.off));
    const isCurrent = off.size === mayBeOff.length && mayBeOff.every((breaker) => off.has(breaker));
    return staged && isCurrent ? staged : { rounds: oneStage[one]!, secondStage: null };
  };
  const { rounds, secondStage } = planOf(check);
  const firstRounds = (one: MapCheck) => planOf(one).secondStage ?? planOf(one).rounds.length;
  const oneByOne = mapMinutes([], mayBeOff.length, count).oneByOne;
  const begin = () =>
    leave(() =>
      onBegin({
        mapId: newId(),
        check: way === 'rounds' ? check : 'none',
        rooms,
        stayOn: [...stayOn],
        ...(way === 'rounds'
          ? { rounds, secondStage }
          : { rounds: roundsOf(mayBeOff, way, 'none'), secondStage: null }),
      }),
    );
  if (suspension.ofPanel('mapping'))
    return <Suspended title={messages.doNotMapThisPanelUntil} suspension={suspension} />;
  return (
    <div className="space-y-5">
      <div>
        <TypedLines
          label={messages.roomsOutletsAndFixtures}
          hint={messages.oneRoomPerLineTheRoom}
          rows={8}
          value={text}
          onValue={(lines) => type(panel.id, lines)}
          placeholder={messages.kitchenCounterLeftCounterRight}
        />
        <AddPlace onAdd={(room, place) => type(panel.id, withPlace(text, room, place))} />
        {notUnderstood.length > 0 && (
          <FieldError message={messages.noRoomAndItemsFoundIn(notUnderstood[0])} />
        )}
      </div>
      <details className="border-t border-rule">
        <summary className="min-h-11 py-2 font-semibold">
          {messages.breakersThatStayOn(stayOn.size > 0 && `: ${stayOn.size}`)}
        </summary>
        <p className="text-sm text-ink-soft">{messages.alarmsMedicalEquipmentServersA}</p>
        <div className="sm:grid sm:grid-cols-2">
          {branches.map(({ breaker, label }) => (
            <CheckInput
              key={breaker.id}
              label={messages.staysOn(placeText(breaker), label ?? '')}
              checked={stayOn.has(breaker.id)}
              onChecked={(isOn) => setChosen(toggled(stayOn, breaker.id, isOn))}
            />
          ))}
        </div>
      </details>
      {leftAlone.length > 0 && (
        <p className="border-l-4 border-danger pl-3">
          {messages.notUsedForMappingBecauseOf(listText(leftAlone))}
        </p>
      )}
      {disconnects.length > 0 && (
        <p className="border-l-4 border-heed pl-3">{messages.splitBusStaysOn(listText(disconnects))}</p>
      )}
      <fieldset className="space-y-1">
        <legend className="font-semibold">{messages.method}</legend>
        {(
          [
            ['rounds', messages.aloneInRounds(firstRounds(check)), planBy?.[check].minutes ?? null],
            ['one-by-one', messages.withASecondPersonAtThe(mayBeOff.length), oneByOne],
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
              {count > 0 && takes !== null && (
                <span className="figures text-ink-soft">
                  {messages.aboutMin(Math.max(1, Math.round(takes)))}
                </span>
              )}
            </span>
          </label>
        ))}
      </fieldset>
      {way === 'rounds' && (
        <SelectInput
          label={messages.errorChecking}
          options={MAP_CHECKS.map((value) => ({
            value,
            label: messages.rounds(CHECK_WORDS[value], firstRounds(value)),
          }))}
          value={check}
          onValue={setCheck}
        />
      )}
      {way === 'rounds' && secondStage !== null && (
        <p className="text-sm text-ink-soft">
          {messages.breakersThatLikelyFeedASingleAppliance(rounds.length - secondStage)}
        </p>
      )}
      <p className="text-sm text-ink-soft">{messages.shutDownComputersFirstDoNot}</p>
      <Button
        disabled={busy || count === 0 || mayBeOff.length === 0 || notUnderstood.length > 0}
        onClick={() => void begin()}
      >
        {messages.startTheFirstRound}
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
