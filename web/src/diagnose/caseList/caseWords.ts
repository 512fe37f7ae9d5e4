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
  { key: 'trips', complaint: 'trips', title: 'A breaker trips', text: 'Now, or again and again.' },
  {
    key: 'one',
    complaint: 'dead',
    title: 'One device is dead',
    text: 'What stands beside it works.',
    tells: { test: 'power-loss-extent', outcome: 'one-device' },
  },
  {
    key: 'half',
    complaint: 'dead',
    title: 'Half the house is dead',
    text: 'Many rooms at once, not all.',
    tells: { test: 'power-loss-extent', outcome: 'half-the-house' },
  },
  {
    key: 'whole',
    complaint: 'dead',
    title: 'The whole house is dead',
    text: 'Nothing works anywhere.',
    tells: { test: 'power-loss-extent', outcome: 'whole-house' },
  },
  {
    key: 'lights',
    complaint: 'lights',
    title: 'Lights flicker, dim or flare',
    text: 'Here or in other rooms.',
    tells: { test: 'power-loss-extent', outcome: 'none' },
  },
  {
    key: 'danger',
    complaint: 'danger-sign',
    title: 'Heat, a smell, a noise or water',
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
  'reset-holds': 'It is reset, and it holds',
  replaced: 'The breaker was replaced',
  resized: 'Another rating was installed, or the circuit split',
  'repaired-elsewhere': 'It was something else, and that is put right',
  'handed-over': 'Handed over to somebody else',
  'not-found': 'Given up without a cause',
};

export const PASS_WORDS: Record<Pass, string> = {
  skip: 'Later',
  cannot: 'I cannot do this',
  unsure: 'I am not sure',
};
export const PASSED_WORDS: Record<Pass, string> = {
  skip: 'put off',
  cannot: 'could not be done',
  unsure: 'could not be told',
};
