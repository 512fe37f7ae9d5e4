import {
  beliefFrom,
  openingTimes,
  readUnit,
  trialToSettle,
  type EffectiveRatingInput,
  type OpeningTimes,
  type TrialLoad,
} from '@phylaxon/core/effective';
import { drawProfile, profileQuestion, type ProfileQuestion } from '@phylaxon/core/profile';

interface SettleQuestion {
  record: EffectiveRatingInput;
  ampacity: number | null;
  loads: TrialLoad[];
}

/** Work of the bench that has no place in the compute API: what is drawn, and what to try next. */
export const WORK = {
  unit: (question: EffectiveRatingInput) => readUnit(question),
  settle: ({ record, ampacity, loads }: SettleQuestion) => trialToSettle(record, ampacity, loads),
  /** When this unit opens at each of several currents, from cold. */
  openings: ({ record, amps }: { record: EffectiveRatingInput; amps: number[] }): OpeningTimes[] => {
    const belief = beliefFrom(record);
    return amps.map((one) => openingTimes(belief, one));
  },
  draw: ({ question, most }: { question: ProfileQuestion; most: number }) =>
    drawProfile(profileQuestion.parse(question), most),
};
export type WorkName = keyof typeof WORK;
