import { gzipSync } from 'node:zlib';
import { seeded } from '@phylaxon/core/facts/random';
import { panelEntryInput } from '@phylaxon/core/record/panelEntries';
import { packRecording } from '@phylaxon/core/record/recordings';
import { loggedCircuit } from '@phylaxon/core/simulate/panel';
import type { EntityManager } from 'typeorm';
import { keepAttachment } from '../attachments/index.ts';
import { Edit } from '../edit/index.ts';
import { attachmentOf } from '../files/index.ts';
import { logPanelEntry } from '../record/index.ts';

/** A logger hung on the steam press from here on, for so long, a sample every so often. */
const FROM = '2026-11-09T06:00:00.000Z';
const DAYS = 3;
const INTERVAL_MS = 2000;
/** Of the logs the simulator draws, one with a week’s worth of trips. */
const SEED = 10;

/** What hangs on the steam press’s circuit, as it runs on a working day. */
const LOADS = [
  { amps: 12.5, surge: null, onSeconds: [200, 300], offSeconds: [120, 180] },
  { amps: 12, surge: null, onSeconds: [190, 240], offSeconds: [2400, 5400] },
] satisfies { amps: number; surge: null; onSeconds: [number, number]; offSeconds: [number, number] }[];

/** A logger’s recording of the steam press and the tea corner, made by the simulator. */
export async function logThreeDays(
  manager: EntityManager,
  panelId: string,
  breakerId: string,
): Promise<void> {
  const { amps, volts } = loggedCircuit(seeded(SEED), DAYS, INTERVAL_MS, {
    ratingAmps: 20,
    loads: LOADS,
    startMs: Date.parse(FROM),
  });
  const content = gzipSync(
    packRecording({
      times: amps.times,
      channels: [
        { quantity: 'current', values: amps.values },
        { quantity: 'voltage', values: volts.values },
      ],
    }),
  );
  const { about } = attachmentOf(content, 'recording');
  const { sha256 } = await keepAttachment(manager, { kind: 'recording', about, content });
  await logPanelEntry(
    new Edit(manager),
    panelId,
    panelEntryInput.parse({
      kind: 'recording',
      at: FROM,
      sha256,
      simulated: true,
      content: {
        file: 'press-november.csv',
        channels: [
          { name: 'I1', quantity: 'current', at: { kind: 'breaker', breakerId } },
          { name: 'U1', quantity: 'voltage', at: { kind: 'leg', leg: 'A' } },
        ],
      },
    }),
  );
}
