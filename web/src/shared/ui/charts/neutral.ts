import * as messages from './messages.ts';

/** Whether a circuit shares its neutral, as a form says it; null: nobody traced it. */
export const SHARES_NEUTRAL = { unknown: null, no: false, yes: true } as const;
export type NeutralChoice = keyof typeof SHARES_NEUTRAL;

/** The choices as options of a list. */
export const NEUTRAL_OPTIONS: { value: NeutralChoice; label: string }[] = [
  { value: 'unknown', label: messages.notTracedYet },
  { value: 'no', label: messages.no },
  { value: 'yes', label: messages.yes },
];

/** The choice that stands for what is on record. */
export const neutralChoice = (shares: boolean | null): NeutralChoice =>
  shares === null ? 'unknown' : shares ? 'yes' : 'no';
