import {
  beliefFrom,
  openingTimes,
  readUnit,
  trialToSettle,
  type EffectiveRatingInput,
  type OpeningTimes,
  type TrialLoad,
} from '@phylaxon/core/effective';
import { drawProfile, profileQuestion, profileTimes } from '@phylaxon/core/profile';
import { timesTogether, type TogetherInput } from '@phylaxon/core/together';
import type { CurvePoint } from '@phylaxon/core/trip';
import { profileOf, type RunningQuestion } from './loggedCurrent.ts';

interface SettleQuestion {
  record: EffectiveRatingInput;
  ampacity: number | null;
  loads: TrialLoad[];
}

interface OpeningsQuestion {
  record: EffectiveRatingInput;
  amps: number[];
  ambientC: number;
}

interface RunningTimesQuestion {
  question: RunningQuestion;
  curve: CurvePoint[] | null;
  events: EffectiveRatingInput['events'];
}

/** Work of the bench that has no place in the compute API: what is drawn, and what to try next. */
export const WORK = {
  unit: (question: EffectiveRatingInput) => readUnit(question),
  settle: ({ record, ampacity, loads }: SettleQuestion) => trialToSettle(record, ampacity, loads),
  /** When this unit opens at each of several currents, from cold. */
  openings: ({ record, amps, ambientC }: OpeningsQuestion): OpeningTimes[] => {
    const belief = beliefFrom(record);
    return amps.map((one) => openingTimes(belief, one, [], ambientC));
  },
  timesTogether: (question: TogetherInput) => timesTogether(question),
  running: ({ question, curve, events }: RunningTimesQuestion) =>
    profileTimes({ ...profileOf(question), curve: curve ?? undefined, events }),
  draw: ({ question, most }: { question: RunningQuestion; most: number }) =>
    drawProfile(profileQuestion.parse(profileOf(question)), most),
};
export type WorkName = keyof typeof WORK;
