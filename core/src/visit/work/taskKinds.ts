import type { ActionId, PanelSignId, TestId } from '../../facts/vocabulary/index.ts';
import type { StepId } from './stepIds.ts';

/** A kind of work on a visit: what it takes, and what it does to the record. */
export interface TaskKind {
  /** Steps with the panel dead, in their order, before anything was found. */
  steps: readonly StepId[];
  /** Decisions that are carried out so; the first kind that names one does it. */
  carriesOut: readonly ActionId[];
  /** It is done at the panel as a whole, not at one breaker. */
  isOfPanel?: true;
  /** Looking only: no hand touches a part. */
  isLook?: true;
  /** Findings of the panel as a whole that it repairs. */
  mends?: readonly PanelSignId[];
  /** What of the drawing changes: a part takes another’s place, goes in, goes elsewhere, or all stays. */
  drawing: 'replaced' | 'installed' | 'moved' | 'same';
  /** The outcome that shows its repair, for the log of the main. */
  shows?: { test: TestId; outcome: string };
  /** Whether places usually want a permit for it; each decides for itself. */
  permit: 'usually' | 'seldom' | 'ask';
  /** Time with the panel dead, min. */
  minutes: number;
}

const IN_ITS_PLACE: readonly StepId[] = ['hook-press', 'neutral-in', 'conductor-in'];

/** What may be done to a place with the panel dead. The words are in `views/visit/taskWords`. */
export const TASK_KINDS = {
  replace: {
    steps: ['mark', 'free', 'rock-off', 'stab', 'compare', 'click', ...IN_ITS_PLACE],
    carriesOut: ['replace-breaker', 'replace-breaker-and-remake-joint', 'size-down', 'size-up'],
    drawing: 'replaced',
    permit: 'seldom',
    minutes: 15,
  },
  'new-breaker': {
    steps: ['bring-cable', 'stab', 'ground-in', 'compare', 'click', ...IN_ITS_PLACE],
    carriesOut: [],
    drawing: 'installed',
    permit: 'usually',
    minutes: 40,
  },
  reinstall: {
    steps: ['stab', 'compare', 'click', ...IN_ITS_PLACE],
    carriesOut: [],
    drawing: 'installed',
    permit: 'seldom',
    minutes: 12,
  },
  move: {
    steps: ['mark', 'free', 'rock-off', 'stab', ...IN_ITS_PLACE, 'fill'],
    carriesOut: [],
    drawing: 'moved',
    permit: 'ask',
    minutes: 10,
  },
  'remake-joint': {
    steps: ['mark', 'free', 'cut-back', 'conductor-in'],
    carriesOut: ['remake-joint'],
    drawing: 'same',
    permit: 'seldom',
    minutes: 12,
  },
  'separate-conductors': {
    steps: ['mark', 'free', 'join-tail', 'conductor-in'],
    carriesOut: ['separate-conductors'],
    drawing: 'same',
    permit: 'seldom',
    minutes: 15,
  },
  'clean-terminal': {
    steps: ['mark', 'free', 'dry-out', 'cut-back', 'conductor-in'],
    carriesOut: ['dry-and-inspect'],
    drawing: 'same',
    permit: 'seldom',
    minutes: 20,
  },
  inspect: {
    steps: ['inspect'],
    carriesOut: [],
    isOfPanel: true,
    isLook: true,
    drawing: 'same',
    permit: 'seldom',
    minutes: 30,
  },
  'separate-neutral': {
    steps: ['remove-bond', 'move-neutrals', 'check-separation'],
    carriesOut: [],
    isOfPanel: true,
    mends: ['neutral-ground-in-sub-panel'],
    drawing: 'same',
    permit: 'ask',
    minutes: 45,
  },
  'bond-neutral': {
    steps: ['fit-bond'],
    carriesOut: [],
    isOfPanel: true,
    mends: ['neutral-not-bonded'],
    drawing: 'same',
    permit: 'usually',
    minutes: 20,
  },
  'dry-panel': {
    steps: ['dry-out', 'seal-entry'],
    carriesOut: [],
    isOfPanel: true,
    mends: ['rust-light', 'damp'],
    shows: { test: 'water-signs', outcome: 'dry' },
    drawing: 'same',
    permit: 'seldom',
    minutes: 60,
  },
  'fill-openings': {
    steps: ['fill'],
    carriesOut: [],
    isOfPanel: true,
    mends: ['open-hole'],
    drawing: 'same',
    permit: 'seldom',
    minutes: 6,
  },
} as const satisfies Record<string, TaskKind>;
export type WorkType = keyof typeof TASK_KINDS;

/** The kinds of work, in the order in which they are offered. */
export const WORKS = Object.keys(TASK_KINDS) as [WorkType, ...WorkType[]];

/**
 * What a kind of work takes, and what it does to the record.
 *
 * @param work which
 * @returns its facts
 * @example taskKind('move').minutes // 10
 */
export const taskKind = (work: WorkType): TaskKind => TASK_KINDS[work];

/**
 * The kind of work that carries out a decision.
 *
 * @param action what was decided
 * @returns the kind; null where no visit to the panel does it
 * @example workFor('separate-conductors') // 'separate-conductors'
 */
export const workFor = (action: ActionId): WorkType | null =>
  WORKS.find((work) => taskKind(work).carriesOut.includes(action)) ?? null;

/**
 * The kind of work that repairs a finding of the panel as a whole.
 *
 * @param sign what was found
 * @returns the kind; null where no visit repairs it
 * @example workForSign('open-hole') // 'fill-openings'
 */
export const workForSign = (sign: PanelSignId): WorkType | null =>
  WORKS.find((work) => taskKind(work).mends?.includes(sign)) ?? null;
