import { useState } from 'react';
import { Link } from 'react-router';
import { entries } from '../../shared/api/index.ts';
import { Button, toNumber, useAction } from '../../shared/ui/index.ts';
import { sendEntries } from '../../shared/stores/index.ts';
import type { Scanned } from './scanned.ts';
import * as messages from './messages.ts';
import type { SoakPlan } from '@phylaxon/core/diagnosis/soak';
import type { Board } from '@phylaxon/core/views/board';
import type { Scan } from './scanStore.ts';

export function StoreScan({
  board,
  plan,
  scan,
  scanned,
  onDone,
}: {
  board: Board;
  plan: SoakPlan;
  scan: Scan;
  scanned: Scanned;
  onDone: () => void;
}) {
  const [became, setBecame] = useState<string | null>(null);
  const { problem, busy, run } = useAction();
  const { measured, ambientC, wrong } = scanned;
  const isReady = ambientC !== null && measured.length > 0 && Object.keys(wrong).length === 0;
  const store = async () => {
    const at = new Date();
    const taken = { at: at.toISOString(), loadState: 'everything-on' as const };
    const readings = measured.flatMap(({ breakerId, surfaceC }) => {
      const clamped = toNumber(scan.typed[breakerId]?.amps ?? '');
      return [
        {
          kind: 'reading' as const,
          breakerId,
          entry: {
            quantity: 'temperature' as const,
            point: 'terminal' as const,
            value: surfaceC,
            ambientC: ambientC!,
            instrument: 'spot-thermometer' as const,
            ...taken,
          },
        },
        ...(typeof clamped === 'number' && Number.isFinite(clamped)
          ? [
              {
                kind: 'reading' as const,
                breakerId,
                entry: {
                  quantity: 'current' as const,
                  point: 'conductor' as const,
                  value: clamped,
                  instrument: 'clamp-meter' as const,
                  ...taken,
                },
              },
            ]
          : []),
      ];
    });
    const names = plan.steps
      .filter(({ loadId }) => scan.on.includes(loadId))
      .map(({ load, place }) => `${place} ${load}`.slice(0, 120));
    await run(async () => {
      const is = await sendEntries(
        entries.together(board.panel.id, board.panel.name, readings),
        entries.panelEntry(board.panel.id, board.panel.name, {
          kind: 'heat-scan',
          at: at.toISOString(),
          content: {
            soakedFrom: scan.soakedFrom!,
            soakedMinutes: Math.min(1440, (at.getTime() - Date.parse(scan.soakedFrom!)) / 60_000),
            switchedOn: names,
            ambientC: ambientC!,
            scanned: measured.length,
          },
        }),
      );
      setBecame(is === 'stored' ? messages.savedAllDecisionsAreUpdated : messages.waitingForTheServer);
    });
  };
  return (
    <section aria-label={messages.saveTheScan} className="border-t border-rule-strong pt-3">
      <div className="flex flex-wrap items-center gap-3">
        <Button disabled={busy || !isReady || became !== null} onClick={() => void store()}>
          {measured.length === 1 ? messages.log1Place : messages.logAllPlaces(measured.length)}
        </Button>
        <span role="status" className={problem ? 'font-medium text-danger' : 'font-semibold text-good'}>
          {problem ?? became}
        </span>
      </div>
      {became !== null && (
        <p className="mt-2 flex flex-wrap gap-4">
          <Link
            to={`/panels/${board.panel.id}`}
            onClick={onDone}
            className="inline-flex min-h-11 items-center underline underline-offset-4"
          >
            {messages.goToTheBoard}
          </Link>
          <Link
            to={`/panels/${board.panel.id}/review`}
            onClick={onDone}
            className="inline-flex min-h-11 items-center underline underline-offset-4"
          >
            {messages.panelEvaluation}
          </Link>
        </p>
      )}
    </section>
  );
}
