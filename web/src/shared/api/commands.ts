import * as commands from '@phylaxon/core/commands';
import type { Command } from '@phylaxon/core/commands';
import type {
  Breaker,
  BreakerChange,
  BreakerInput,
  BreakerMove,
  BreakerTie,
  CaseAnswer,
  CaseChange,
  CaseClosing,
  CaseConfirmation,
  CaseInput,
  CasePass,
  CircuitInput,
  CurveInput,
  EventInput,
  InspectionInput,
  NoteInput,
  ObservationInput,
  Panel,
  PanelChange,
  PanelInput,
  PhotoInput,
  ReadingInput,
  ReplacementInput,
  Site,
  SiteChange,
  SiteInput,
} from '@phylaxon/core/record/entities';
import type { PanelEntryInput } from '@phylaxon/core/record/panelEntries';
import { newId } from './newId.ts';
import { pending, type Pending } from './pending.ts';
import * as messages from './messages.ts';

/** What may be struck. */
export type EntryKind = keyof typeof commands.voidEntryCommands;

/** Whoever has to know an entry’s id gives it one; sent again, it is the same entry. */
const withId = <T extends { id?: string | undefined }>(input: T): T & { id: string } => ({
  ...input,
  id: input.id ?? newId(),
});

/** Entries of a breaker’s log. */
export const entryCommands = {
  readings: (id: string, where: string, readings: ReadingInput[]) =>
    pending(commands.logReadingsCommand, { id }, { readings: readings.map(withId) }, where),
  event: (id: string, where: string, input: EventInput) =>
    pending(commands.logEventCommand, { id }, withId(input), where),
  observation: (id: string, where: string, input: ObservationInput) =>
    pending(commands.logObservationCommand, { id }, withId(input), where),
  /** Of several kinds and breakers of a panel: all of them or none. */
  together: (panelId: string, where: string, list: commands.TogetherEntry[]) =>
    pending(
      commands.logTogetherCommand,
      { id: panelId },
      { entries: list.map((one) => ({ ...one, entry: withId(one.entry) }) as commands.TogetherEntry) },
      where,
    ),
  inspection: (id: string, where: string, input: InspectionInput) =>
    pending(commands.logInspectionCommand, { id }, withId(input), where),
  panelEntry: (panelId: string, where: string, input: PanelEntryInput) =>
    pending(commands.logPanelEntryCommand, { id: panelId }, withId(input), where),
  note: (id: string, where: string, input: NoteInput) =>
    pending(commands.writeNoteCommand, { id }, withId(input), where),
  photo: (id: string, where: string, input: PhotoInput) =>
    pending(commands.addPhotoCommand, { id }, withId(input), where),
  strike: (kind: EntryKind, id: string, why: string, replacement?: ReadingInput | EventInput) =>
    pending(
      // Whichever kind it is, a strike is told by the same fields.
      commands.voidEntryCommands[kind] as Command,
      { id },
      { why, ...(replacement && { replacement: withId(replacement) }) },
      messages.theLog,
    ),
};

/** What is done in a case. */
export const caseCommands = {
  open: (input: CaseInput): Pending => ({ ...pending(commands.openCaseCommand, {}, input), id: input.id! }),
  answers: (id: string, answers: CaseAnswer[]) =>
    pending(commands.answerCaseCommand, { id }, { answers: answers.map(withId) }),
  pass: (id: string, pass: CasePass) => pending(commands.skipTestCommand, { id }, pass),
  change: (id: string, change: CaseChange) => pending(commands.changeCaseCommand, { id }, change),
  close: (id: string, closing: CaseClosing) => pending(commands.closeCaseCommand, { id }, closing),
  confirm: (id: string, told: CaseConfirmation) => pending(commands.confirmCaseCommand, { id }, told),
  reopen: (id: string) => pending(commands.reopenCaseCommand, { id }, {}),
  takeBack: (id: string, answer: string) =>
    pending(commands.withdrawAnswerCommand, { id, answer }, undefined),
};

/** What is drawn: sites, panels, breakers, circuits, trip curves. */
export const drawingCommands = {
  addSite: (input: SiteInput): Pending<Site> => pending(commands.addSiteCommand, {}, input) as Pending<Site>,
  changeSite: (id: string, input: SiteChange) => pending(commands.changeSiteCommand, { id }, input),
  setCurve: (id: string, input: CurveInput) => pending(commands.setCurveCommand, { id }, input),
  removeCurve: (id: string, family: string) =>
    pending(commands.removeCurveCommand, { id }, undefined, family),

  addPanel: (id: string, input: PanelInput) =>
    pending(commands.addPanelCommand, { id }, input) as Pending<Panel>,
  changePanel: (id: string, input: PanelChange) =>
    pending(commands.changePanelCommand, { id }, input) as Pending<Panel>,
  removePanel: (id: string, name: string) => pending(commands.removePanelCommand, { id }, undefined, name),
  duplicatePanel: (id: string, name: string) =>
    pending(commands.duplicatePanelCommand, { id }, { name }) as Pending<Panel>,
  fitDirectory: (id: string, text: string) => pending(commands.fitDirectoryCommand, { id }, { text }),

  fitBreaker: (id: string, input: BreakerInput) =>
    pending(commands.addBreakerCommand, { id }, input, messages.space(input.space)) as Pending<Breaker>,
  changeBreaker: (id: string, input: BreakerChange, where: string) =>
    pending(commands.changeBreakerCommand, { id }, input, where),
  removeBreaker: (id: string, where: string) =>
    pending(commands.removeBreakerCommand, { id }, undefined, where),
  moveBreaker: (id: string, move: BreakerMove) =>
    pending(commands.moveBreakerCommand, { id }, move, messages.space(move.space)),
  tieBreaker: (id: string, tie: BreakerTie, where: string) =>
    pending(commands.tieBreakersCommand, { id }, tie, where),
  replaceBreaker: (id: string, input: ReplacementInput, where: string) =>
    pending(commands.replaceBreakerCommand, { id }, input, where) as Pending<Breaker>,
  setCircuit: (id: string, input: CircuitInput) => pending(commands.setCircuitCommand, { id }, input),
};
