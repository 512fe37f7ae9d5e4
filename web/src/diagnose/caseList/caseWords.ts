import type { CaseOutcome, Pass } from '@phylaxon/core/record/entities';
import type { Complaint, TestId } from '@phylaxon/core/facts/vocabulary';

/** What somebody may come with, as it is asked and as it is told afterwards. */
export interface ComplaintTile {
  key: string;
  complaint: Complaint;
  title: string;
  text: string;
  /** What the complaint itself tells. */
  tells?: { test: TestId; outcome: string };
}

export const COMPLAINT_TILES: ComplaintTile[] = [
  {
    key: 'room',
    complaint: 'dead',
    title: 'A room or some outlets are dead',
    text: 'The rest of the house has power.',
  },
  { key: 'trips', complaint: 'trips', title: 'A breaker trips', text: 'Once, or again and again.' },
  {
    key: 'one',
    complaint: 'dead',
    title: 'One outlet, lamp or appliance is dead',
    text: 'Everything around it works.',
    tells: { test: 'power-loss-extent', outcome: 'one-device' },
  },
  {
    key: 'half',
    complaint: 'dead',
    title: 'Half the house is dead',
    text: 'Several rooms at the same time, but not all.',
    tells: { test: 'power-loss-extent', outcome: 'half-the-house' },
  },
  {
    key: 'whole',
    complaint: 'dead',
    title: 'The whole house is dead',
    text: 'No power anywhere.',
    tells: { test: 'power-loss-extent', outcome: 'whole-house' },
  },
  {
    key: 'lights',
    complaint: 'lights',
    title: 'Lights flicker, dim or get brighter',
    text: 'In one room or in several.',
    tells: { test: 'power-loss-extent', outcome: 'none' },
  },
  {
    key: 'danger',
    complaint: 'danger-sign',
    title: 'Heat, smell, noise or water',
    text: 'At the panel, an outlet or a switch.',
  },
  {
    key: 'check',
    complaint: 'check',
    title: 'Nothing is wrong',
    text: 'I want to check a breaker.',
    tells: { test: 'power-loss-extent', outcome: 'none' },
  },
];

export const CASE_OUTCOME_WORDS: Record<CaseOutcome, string> = {
  'reset-holds': 'Reset, and it holds',
  replaced: 'The breaker was replaced',
  resized: 'The breaker was resized or the circuit split',
  'repaired-elsewhere': 'Something else was wrong and is repaired',
  'handed-over': 'Handed over to someone else',
  'not-found': 'Closed without finding the cause',
};

export const PASS_WORDS: Record<Pass, string> = {
  skip: 'Later',
  cannot: 'I can’t do this',
  unsure: 'I’m not sure',
};
export const PASSED_WORDS: Record<Pass, string> = {
  skip: 'skipped',
  cannot: 'not possible',
  unsure: 'not sure',
};
