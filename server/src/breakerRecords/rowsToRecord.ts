import {
  QUANTITY_UNITS,
  type Breaker,
  type BreakerEvent,
  type Circuit,
  type Inspection,
  type Observation,
  type Panel,
  type Photo,
  type Reading,
  type TroubleCase,
  type WrittenNote,
} from '@phylaxon/core/record/entities';
import type { PanelEntry } from '@phylaxon/core/record/panelEntries';
import type {
  BreakerRow,
  CaseRow,
  CircuitRow,
  EventRow,
  InspectionRow,
  LoadRow,
  NoteRow,
  ObservationRow,
  PanelEntryRow,
  PanelRow,
  PhotoRow,
  ReadingRow,
  StrikeRow,
} from '../store/index.ts';

export function panelFromRow({ removedAt: _removedAt, ...row }: PanelRow): Panel {
  return row;
}

export function breakerOf({ removedAt: _removedAt, ...row }: BreakerRow): Breaker {
  return row;
}

export function circuitFromRow(row: CircuitRow, loads: LoadRow[]): Circuit {
  const { gauge, material, insulationC, cable, minCircuitAmps, maxBreakerAmps, ...rest } = row;
  return {
    ...rest,
    conductor: gauge === null ? null : { gauge, material, insulationC, cable },
    nameplate: minCircuitAmps === null ? null : { minCircuitAmps, maxBreakerAmps },
    loads: loads.map(({ circuitId: _circuitId, position: _position, ...load }) => load),
  } as Circuit;
}

/** A circuit’s conductor and nameplate as its row holds them: spread over columns. */
export const circuitColumns = ({ conductor, nameplate }: Pick<Circuit, 'conductor' | 'nameplate'>) => ({
  gauge: conductor?.gauge ?? null,
  material: conductor?.material ?? null,
  insulationC: conductor?.insulationC ?? null,
  cable: conductor?.cable ?? null,
  minCircuitAmps: nameplate?.minCircuitAmps ?? null,
  maxBreakerAmps: nameplate?.maxBreakerAmps ?? null,
});

export type Struck = Pick<Reading, 'struck'>['struck'];

/** The strike of each struck row, by the row's id. */
export function strikesById(strikes: StrikeRow[]): Map<string, Struck> {
  return new Map(
    strikes.map(
      ({
        readingId,
        eventId,
        observationId,
        inspectionId,
        noteId,
        photoId,
        panelEntryId,
        at,
        why,
        replacedBy,
      }) => [
        (readingId ?? eventId ?? observationId ?? inspectionId ?? noteId ?? photoId ?? panelEntryId)!,
        { at, why, replacedBy },
      ],
    ),
  );
}

export const readingOf = (row: ReadingRow, struck: Struck): Reading => ({
  ...row,
  // SQLite knows no booleans.
  simulated: Boolean(row.simulated),
  unit: QUANTITY_UNITS[row.quantity],
  struck,
});
export const eventOf = (row: EventRow, struck: Struck): BreakerEvent => ({ ...row, struck });
export const observationOf = (row: ObservationRow, struck: Struck): Observation => ({ ...row, struck });
export const inspectionOf = (row: InspectionRow, struck: Struck): Inspection => ({ ...row, struck });
export const noteOf = (row: NoteRow, struck: Struck): WrittenNote => ({ ...row, struck });
export const caseFromRow = ({ removedAt: _removedAt, decision: _decision, ...row }: CaseRow): TroubleCase =>
  row;

export const photoOf = (row: PhotoRow, struck: Struck): Photo => ({ ...row, struck });
export const panelEntryOf = (row: PanelEntryRow, struck: Struck): PanelEntry =>
  ({ ...row, simulated: Boolean(row.simulated), struck }) as PanelEntry;
