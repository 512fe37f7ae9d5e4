import {
  handOverOf,
  lookAtCase,
  screensLeft,
  type CaseRecord,
  type Suspect,
} from '@phylaxon/core/diagnosis/cases';
import {
  beliefFrom,
  openingTimes,
  readTripRecord,
  trialToSettle,
  type EffectiveRatingInput,
  type OpeningTimes,
  type TrialLoad,
} from '@phylaxon/core/physics/breakerEstimate';
import { drawProfile, profileQuestion, profileTimes } from '@phylaxon/core/physics/profile';
import type { DeadMark } from '@phylaxon/core/record/entities';
import type { StandInQuestion, StandInTrial } from '@phylaxon/core/simulate/person';
import { combinationTimes, type LoadCombinationsInput } from '@phylaxon/core/physics/loadCombinations';
import { mapPlansFor } from '@phylaxon/core/views/houseMap';
import type { CurvePoint } from '@phylaxon/core/physics/trip';
import type { Profile } from '@phylaxon/core/facts/vocabulary';
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

interface FindQuestion {
  suspects: Suspect[];
  words: string;
  marks: DeadMark[];
}

/** A case as it is looked at: `stamp` comes back with the answer, to tell which question it answers. */
interface CaseQuestion {
  file: CaseRecord;
  profile: Profile;
  stamp: string;
}

/** These load when they are first asked for: what searches, and what simulates. */
const search = () => import('@phylaxon/core/diagnosis/cases');
const simulator = () => import('@phylaxon/core/simulate/person');

/** Work that has no place in the compute API: what is drawn, what to try next, how a case stands. */
export const WORK = {
  look: ({ file, profile, stamp }: CaseQuestion) => {
    const view = lookAtCase(file, profile);
    return { ...view, left: screensLeft(file, profile, view.step), stamp };
  },
  card: (file: CaseRecord) => handOverOf(file),
  find: async ({ suspects, words, marks }: FindQuestion) =>
    (await search()).findBreaker(suspects, words, marks),
  standIn: async (question: StandInQuestion) => (await simulator()).standIn(question),
  standInTrial: async (question: StandInTrial) => (await simulator()).standInTrial(question),
  mapPlans: mapPlansFor,
  unit: (question: EffectiveRatingInput) => readTripRecord(question),
  settle: ({ record, ampacity, loads }: SettleQuestion) => trialToSettle(record, ampacity, loads),
  /** When this unit opens at each of several currents, from cold. */
  openings: ({ record, amps, ambientC }: OpeningsQuestion): OpeningTimes[] => {
    const belief = beliefFrom(record);
    return amps.map((one) => openingTimes(belief, one, [], ambientC));
  },
  timesTogether: (question: LoadCombinationsInput) => combinationTimes(question),
  running: ({ question, curve, events }: RunningTimesQuestion) =>
    profileTimes({ ...profileOf(question), curve: curve ?? undefined, events }),
  draw: ({ question, most }: { question: RunningQuestion; most: number }) =>
    drawProfile(profileQuestion.parse(profileOf(question)), most),
};
export type WorkName = keyof typeof WORK;
