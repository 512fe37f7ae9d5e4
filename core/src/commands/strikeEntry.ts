import type { z } from 'zod';
import type { CaseRecord } from '../diagnosis/cases/index.ts';
import type { Profile } from '../facts/vocabulary/index.ts';
import {
  eventInput,
  inspectionInput,
  noteInput,
  observationInput,
  readingInput,
  strikeInput,
} from '../record/entities/index.ts';
import { command, withStruck, byId } from './command/index.ts';
import { logEventCommand } from './logEvent.ts';
import { logInspectionCommand } from './logInspection.ts';
import { logObservationCommand } from './logObservation.ts';
import { logReadingsCommand } from './logReadings.ts';
import * as messages from './messages.ts';

/** What stands in the place of a struck entry is logged like any other. */
interface Replacing<Replacement extends z.ZodType> {
  replacement: Replacement;
  refuses?: (profile: Profile, instead: z.output<Replacement>) => string | null;
  apply?: (record: CaseRecord, of: { id: string }, instead: z.output<Replacement>) => CaseRecord;
}

const about = (kind: string, path = kind) =>
  ({
    id: `strike-${path}`,
    method: 'post',
    path: `/${path}/:id/strike`,
    tag: 'log',
    summary: `Void an entry in ${kind}: it stays on record, no longer counts, and may be replaced`,
    params: byId,
    label: (_body: object, where: string) => messages.voidedAnEntryAt(where),
  }) as const;

function striking<Replacement extends z.ZodType>(
  kind: string,
  { replacement, refuses, apply }: Replacing<Replacement>,
) {
  type Body = { why: string; replacement?: z.output<Replacement> };
  return command({
    ...about(kind),
    body: strikeInput.extend({ replacement: replacement.optional() }),
    refuses: (profile, body) => {
      const { replacement: instead } = body as Body;
      return instead === undefined ? null : (refuses?.(profile, instead) ?? null);
    },
    apply: (record, { id }, body) => {
      const { why, replacement: instead } = body as Body;
      const struck = withStruck(record, id, why);
      const breakerId = record.log.find(({ entry }) => entry.id === id)?.breakerId;
      if (breakerId === undefined || instead === undefined || !apply) return struck;
      return apply(struck, { id: breakerId }, instead);
    },
  });
}

/** Take back an entry of each kind, with what stands in its place. */
export const voidEntryCommands = {
  readings: striking('readings', {
    replacement: readingInput,
    refuses: (profile, instead) => logReadingsCommand.refuses!(profile, { readings: [instead] }),
    apply: (record, of, instead) => logReadingsCommand.apply!(record, of, { readings: [instead] }),
  }),
  events: striking('events', { replacement: eventInput, apply: logEventCommand.apply }),
  observations: striking('observations', {
    replacement: observationInput,
    refuses: logObservationCommand.refuses,
    apply: logObservationCommand.apply,
  }),
  inspections: striking('inspections', {
    replacement: inspectionInput,
    refuses: logInspectionCommand.refuses,
  }),
  notes: striking('notes', { replacement: noteInput }),
  photos: command({ ...about('photos'), body: strikeInput }),
  panelEntries: command({ ...about('panelEntries', 'panel-entries'), body: strikeInput }),
};
