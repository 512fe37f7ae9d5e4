import { sayConductor } from '@phylaxon/core/code/sizing';
import type { Board } from '@phylaxon/core/views/board';
import {
  ROOM_HOURS,
  subpanelFor,
  SUBPANEL_RULE_WORDS,
  type PlannedPanel,
} from '@phylaxon/core/views/planning';
import { LOAD_LIMITS } from '@phylaxon/core/facts/limits';
import { sayNumber } from '@phylaxon/core/facts/quantities';
import { useState } from 'react';
import { Link } from 'react-router';
import { ampsText, SelectInput, toNumber, TypedInput, useUnits } from '../../shared/ui/index.ts';
import { handsOff } from '../proposals/index.ts';
import type { Wish } from './wish.ts';
import * as messages from './messages.ts';

/** Where nothing fits: a subpanel beside this one, with its feeder, beside the other ways to make room. */
export function Subpanel({
  board,
  planned,
  wish,
  amps,
}: {
  board: Board;
  planned: PlannedPanel;
  wish: Wish;
  amps: number;
}) {
  const { fromMetres, toMetres, lengthUnit } = useUnits();
  const [length, setLength] = useState(() => `${Math.round(fromMetres(2))}`);
  const [material, setMaterial] = useState<'copper' | 'aluminum'>('copper');
  const [place, setPlace] = useState<'same-building' | 'other-building'>('same-building');
  const typed = toNumber(length);
  const lengthM = typeof typed === 'number' && typed >= 0 && typed <= 1000 ? toMetres(typed) : null;
  const found =
    lengthM === null
      ? null
      : subpanelFor(
          planned,
          handsOff(board),
          { amps, poles: wish.poles, continuous: wish.continuous },
          { lengthM, material, place },
        );
  return (
    <section aria-label={messages.subpanel} className="mt-3 space-y-3 border-t border-rule-strong pt-3">
      <h2 className="text-xl font-bold">{messages.subpanel}</h2>
      <form className="flex flex-wrap items-end gap-3" onSubmit={(event) => event.preventDefault()}>
        <TypedInput
          label={messages.feederLength(lengthUnit)}
          value={length}
          onValue={setLength}
          isWrong={lengthM === null}
        />
        <SelectInput
          label={messages.feederMaterial}
          options={[
            { value: 'copper' as const, label: messages.copper },
            { value: 'aluminum' as const, label: messages.aluminum },
          ]}
          value={material}
          onValue={setMaterial}
        />
        <SelectInput
          label={messages.subpanelLocation}
          options={[
            { value: 'same-building' as const, label: messages.sameBuilding },
            { value: 'other-building' as const, label: messages.otherBuilding },
          ]}
          value={place}
          onValue={setPlace}
        />
      </form>
      {lengthM === null && (
        <p role="alert" className="font-medium text-danger">
          {messages.enterALength}
        </p>
      )}
      {lengthM !== null && found === null && <p>{messages.noPairCanBeFreed}</p>}
      {found && <Made {...found} material={material} />}
      <h3 className="text-lg font-bold">{messages.waysCompared}</h3>
      <ul className="list-disc pl-5">
        <li>{messages.quadTakes(ROOM_HOURS.quad.from, ROOM_HOURS.quad.to)}</li>
        <li>{messages.subpanelTakes(ROOM_HOURS.subpanel.from, ROOM_HOURS.subpanel.to)}</li>
        <li>
          {messages.newPanelTakes(ROOM_HOURS['new-panel'].from, ROOM_HOURS['new-panel'].to)}{' '}
          <Link
            to={`/panels/${planned.panel.id}/replacement`}
            className="inline-flex min-h-11 items-center underline"
          >
            {messages.planANewPanel}
          </Link>
        </li>
      </ul>
    </section>
  );
}

function Made({
  plan,
  space,
  moved,
  material,
}: NonNullable<ReturnType<typeof subpanelFor>> & { material: 'copper' | 'aluminum' }) {
  const { breakerAmps, gauge, ground, busAmps, spaces, dropPercent, demandAmps, rules } = plan;
  if (breakerAmps === null || gauge === null || ground === null || busAmps === null || spaces === null)
    return <p className="font-medium text-heed">! {messages.subpanelTooLarge}</p>;
  return (
    <>
      <p role="status" className="text-xl font-bold">
        {messages.subpanelIs(ampsText(breakerAmps), sayConductor({ gauge, material }), spaces)}
      </p>
      <ul className="list-disc pl-5">
        <li>{messages.feederBreakerAt(space, space + 2)}</li>
        <li>
          {moved.length === 0
            ? messages.nothingMoves
            : messages.moveToTheSubpanel(moved.map(({ text }) => text).join(', '))}
        </li>
        {moved.some(({ isKnown }) => !isKnown) && (
          <li>{messages.countedAtShare(100 * LOAD_LIMITS.continuousShare)}</li>
        )}
        <li>{messages.subpanelLoad(ampsText(demandAmps.a), ampsText(demandAmps.b), ampsText(busAmps))}</li>
        <li>{messages.groundIs(ground, material)}</li>
        <li>{messages.feederDrop(sayNumber(dropPercent!, 1))}</li>
        {rules.map((rule) => (
          <li key={rule}>{SUBPANEL_RULE_WORDS[rule]}</li>
        ))}
      </ul>
      <p className="text-sm text-ink-soft">{messages.subpanelSource}</p>
    </>
  );
}
