import { isRareWhenSound } from '../causes/index.ts';
import type { Decision } from '../decision/index.ts';
import type { EvidenceItem } from '../evidence/index.ts';
import type { CauseId, Complaint, TestId } from '../../facts/vocabulary/index.ts';

/** What to note when it happens again, and what of the log to open for it. */
export interface NoteCard {
  title: string;
  lines: string[];
  /** The test whose form of the log is opened. */
  log: TestId;
  /** What was found before this case, is rare where nothing is wrong, and has not been looked at since; newest first. */
  before: EvidenceItem[];
}

const WHEN = 'The time, and for how long.';
const RUNS = 'What was running, and what had just been switched on or off.';
const WEATHER = 'Rain, wind or heat that day.';

/** By what was complained of. */
const CARDS: Record<Exclude<Complaint, 'check'>, Omit<NoteCard, 'before'>> = {
  lights: {
    title: 'When they flicker again, note',
    lines: [
      WHEN,
      'Which lights: one room, one circuit, or all over the house; and whether any went brighter.',
      RUNS,
      WEATHER,
    ],
    log: 'light-behaviour',
  },
  trips: {
    title: 'When it trips again, note',
    lines: ['The time, and how long it had been on.', RUNS, WEATHER],
    log: 'trip-vs-curve',
  },
  dead: {
    title: 'When it is dead again, note',
    lines: [WHEN, 'What is dead with it, and what beside it works.', 'Where its handle stands.', RUNS],
    log: 'power-loss-extent',
  },
  'danger-sign': {
    title: 'When you notice it again, note',
    lines: [WHEN, 'Where exactly: the panel, which breaker, an outlet or a switch.', RUNS, WEATHER],
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
