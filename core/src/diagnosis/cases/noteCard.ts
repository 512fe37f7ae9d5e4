import { isRareWhenSound } from '../causes/index.ts';
import type { Decision } from '../decision/index.ts';
import type { EvidenceItem } from '../evidence/index.ts';
import type { CauseId, Complaint, TestId } from '../../facts/vocabulary/index.ts';
import * as messages from './messages.ts';

/** What to note when it happens again, and what of the log to open for it. */
export interface NoteCard {
  title: string;
  lines: string[];
  /** The test whose form of the log is opened. */
  log: TestId;
  /** What was found before this case, is rare where nothing is wrong, and has not been looked at since; newest first. */
  before: EvidenceItem[];
}

const WHEN = messages.theTimeAndTheDuration;
const RUNS = messages.whatWasRunningAndWhatHad;
const WEATHER = messages.rainWindOrHeatThatDay;

/** By what was complained of. */
const CARDS: Record<Exclude<Complaint, 'check'>, Omit<NoteCard, 'before'>> = {
  lights: {
    title: messages.nextTimeTheLightsFlickerWrite,
    lines: [WHEN, messages.whichLightsOneRoomOneCircuit, RUNS, WEATHER],
    log: 'light-behaviour',
  },
  trips: {
    title: messages.nextTimeItTripsWriteDown,
    lines: [messages.theTimeAndHowLongThe, RUNS, WEATHER],
    log: 'trip-vs-curve',
  },
  dead: {
    title: messages.nextTimeItIsDeadWrite,
    lines: [WHEN, messages.whatElseIsDeadAndWhat, messages.theHandlePosition, RUNS],
    log: 'power-loss-extent',
  },
  'danger-sign': {
    title: messages.nextTimeYouNoticeItWrite,
    lines: [WHEN, messages.theExactPlaceThePanelWhich, RUNS, WEATHER],
    log: 'smell',
  },
};

/**
 * What was complained of and does not show now is not diagnosed, but noted when it comes again.
 *
 * @param leading the likeliest cause
 * @param setAside what only told of a moment before the case, without an outcome since
 * @returns `null` where something was found, or where nothing was complained of
 * @example noteCardFor('lights', keep, 'no-fault', [])?.title // 'When they flicker again, note'
 */
export function noteCardFor(
  complaint: Complaint,
  { family, stop }: Pick<Decision, 'family' | 'stop'>,
  leading: CauseId,
  setAside: readonly EvidenceItem[],
): NoteCard | null {
  if (complaint === 'check' || stop.active || leading !== 'no-fault') return null;
  if (family !== 'keep' && family !== 'reset') return null;
  return { ...CARDS[complaint], before: setAside.filter(isRareWhenSound) };
}
