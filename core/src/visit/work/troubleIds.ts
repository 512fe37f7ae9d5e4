/** What may be done about what was found at a place. */
export const WAYS = [
  'other-space',
  'smaller',
  'join-tail',
  'splice',
  'cut-back',
  'compound',
  'other-part',
  'put-back',
  'look-up',
  'never-grounded',
  'not-now',
] as const;
export type Way = (typeof WAYS)[number];

/** What the figures of a visit tell. */
export const MEASURED_TROUBLES = [
  'tester-silent',
  'tester-high',
  'main-live',
  'main-pole-live',
  'backfeed',
  'wrong-reference',
  'between-poles-live',
  'ghost',
  'still-on',
  'ghost-outlet',
  'no-output',
  'low-output',
  'high-output',
  'same-leg',
  'between-off',
  'reversed-polarity',
  'open-ground',
  'open-neutral',
  'test-button-fails',
  'over-rating',
  'runs-hot',
] as const;

/** What somebody may report. */
export const REPORTED = [
  'main-stuck',
  'no-lock',
  'source-unknown',
  'wet-inside',
  'burnt-inside',
  'line-side-bare',
  'two-wires',
  'wire-thin',
  'insulation-burnt',
  'aluminum-wire',
  'screw-stripped',
  'stuck-on-bus',
  'stab-pitted',
  'part-differs',
  'gritty',
  'does-not-seat',
  'neutral-shared',
  'bar-full',
  'no-plug-on-bar',
  'too-short',
  'no-torque',
  'pulls-out',
  'cover-stands-off',
  'main-trips',
  'main-no-close',
  'trips-at-once',
] as const;
export type ReportedTrouble = (typeof REPORTED)[number];
export type TroubleId = (typeof MEASURED_TROUBLES)[number] | ReportedTrouble;
