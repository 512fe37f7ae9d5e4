import type { Sentence } from '../../facts/quantities/index.ts';
import { STANDARD_RATINGS_AMPS } from '../../facts/standards/index.ts';
import {
  panelSign,
  PANEL_SIGN_WORDS,
  type ActionId,
  type PanelSignId,
} from '../../facts/vocabulary/index.ts';
import type { BreakerKind } from '../../panel/layout/index.ts';
import type { Breaker, Circuit } from '../../record/entities/index.ts';
import { taskKind, workFor, workForSign, type VisitTask, type WorkType } from '../../visit/work/index.ts';
import type { PlannedPanel, StoredProposal } from '../planning/index.ts';
import { TASK_WORDS } from './taskWords.ts';
import * as messages from './messages.ts';

/** What is decided of a breaker, as far as a visit asks. */
export interface DecidedBreaker {
  breaker: Pick<Breaker, 'id'>;
  decision: {
    action: ActionId;
    toAmps: number | null;
    headline: string;
    because: Sentence;
    stop: boolean;
    /** The repair that is known while everything stops; null: none is. */
    repair: { action: ActionId; headline: string } | null;
  };
}

/** Something that is due at a panel. */
export interface DueTask {
  /** The same for the same thing, however often it is asked. */
  key: string;
  /** What a visit does about it, in order; none where it is not done on a visit. */
  tasks: VisitTask[];
  headline: string;
  /** The reason that weighs most; empty where it was planned without one. */
  because: Sentence;
  label: string;
  /** Why it is not part of a visit; `null`: it may be. */
  notHere: string | null;
  /** It may be done on the occasion, but nothing on record asks for it. */
  isOptional?: true;
}

const WITH_THE_UTILITY: readonly ActionId[] = [
  'replace-main',
  'replace-panel',
  'repair-neutral',
  'call-utility',
];

/** A unit with electronics has a neutral of its own, by a pigtail as a rule. */
const neutralOf = (kind: BreakerKind): VisitTask['neutral'] => (kind === 'standard' ? 'none' : 'pigtail');

interface Found {
  breaker: Breaker;
  circuit: Circuit | null;
}

/** What is the same of every task at a breaker that is there. */
const taskAt = ({ breaker, circuit }: Found, why: string): Omit<VisitTask, 'work' | 'partId'> => ({
  id: breaker.id,
  breakerId: breaker.id,
  label: circuit?.label ?? messages.space(breaker.space),
  space: breaker.space!,
  half: breaker.half,
  from: null,
  poles: breaker.poles,
  ratingAmps: breaker.ratingAmps,
  kind: breaker.kind,
  family: '',
  neutral: neutralOf(breaker.kind),
  conductor: circuit?.conductor ?? null,
  receptacles: circuit?.portableReceptacles ?? true,
  proposalId: null,
  why: why.slice(0, 400),
});

function ofDecision(found: Found, { decision }: DecidedBreaker, newId: () => string): DueTask | null {
  const { toAmps, because, stop } = decision;
  const { action, headline } = (stop && decision.repair) || decision;
  const work = workFor(action);
  const { breaker, circuit } = found;
  const due = {
    key: `decided ${breaker.id}`,
    headline,
    because,
    label: circuit?.label ?? (breaker.role === 'main' ? messages.main : messages.space(breaker.space)),
  };
  if (
    WITH_THE_UTILITY.includes(action) ||
    (breaker.role === 'main' && work !== null && taskKind(work).drawing === 'replaced')
  )
    return {
      ...due,
      tasks: [],
      notHere:
        action === 'repair-neutral' ? messages.notPlannedAsAVisitThe : messages.theUtilityDisconnectsThe,
    };
  if (stop && action === 'make-safe-and-call')
    return {
      ...due,
      tasks: [],
      notHere: messages.stopFindOutWhatIsWrong,
    };
  if (breaker.space === null) return null;
  const task = taskAt(found, headline);
  if (work === null) return null;
  if (taskKind(work).drawing === 'same')
    return { ...due, notHere: null, tasks: [{ ...task, work, partId: null }] };
  const ratingAmps = toAmps ?? breaker.ratingAmps;
  return { ...due, notHere: null, tasks: [{ ...task, work, partId: newId(), ratingAmps }] };
}

/** What a proposal takes: what moves first, then the breaker itself. */
function ofProposal(
  planned: PlannedPanel,
  { entryId, content }: StoredProposal,
  newId: () => string,
): DueTask {
  const { title, breakerId, poles, ratingAmps, kind, place, steps, conductor } = content;
  const due = {
    key: `proposal ${entryId}`,
    headline: messages.planned(title),
    because: content.reasons[0] ?? '',
    label: title,
  };
  const byId = (id: string) => planned.breakers.find(({ breaker }) => breaker.id === id);
  const moved = steps.flatMap(({ breakerId: id, to, as }): VisitTask[] => {
    const found = byId(id);
    if (!found || found.breaker.space === null) return [];
    const at = { ...taskAt(found, messages.makeRoom(title)), space: to.space, half: to.half };
    return as !== 'move'
      ? [{ ...at, work: 'replace', partId: newId() }]
      : [{ ...at, work: 'move', partId: null, from: found.breaker.space }];
  });
  const there = breakerId === null ? null : byId(breakerId);
  const own = (): VisitTask | null => {
    if (breakerId === null) {
      if (place === null) return null;
      return {
        id: entryId,
        work: content.removedBreakerId === undefined ? 'new-breaker' : 'reinstall',
        breakerId: null,
        partId: newId(),
        label: title,
        ...place,
        from: null,
        ...{ poles, ratingAmps, kind, conductor },
        family: '',
        neutral: neutralOf(kind),
        receptacles: poles === 1,
        proposalId: entryId,
        why: due.headline,
      };
    }
    if (!there || there.breaker.space === null) return null;
    const at = { ...taskAt(there, due.headline), ...(place ?? {}), proposalId: entryId };
    const isSamePart = there.breaker.ratingAmps === ratingAmps && there.breaker.kind === kind;
    if (isSamePart && place !== null) return { ...at, work: 'move', partId: null, from: there.breaker.space };
    return { ...at, work: 'replace', partId: newId(), ratingAmps, kind, neutral: neutralOf(kind) };
  };
  const task = own();
  return task === null
    ? {
        ...due,
        tasks: [],
        notHere: messages.theBreakerOrCircuitItRefers,
      }
    : { ...due, tasks: [...moved, task], notHere: null };
}

/** A task at the panel as a whole; it installs no breaker, so that its rating only fills the field. */
const panelTask = (panel: PlannedPanel['panel'], work: WorkType, why: string): VisitTask => ({
  id: work,
  work,
  breakerId: null,
  partId: null,
  label: panel.name,
  space: 1,
  half: null,
  from: null,
  poles: 1,
  ratingAmps: panel.busAmps ?? STANDARD_RATINGS_AMPS[0],
  kind: 'standard',
  family: '',
  neutral: 'none',
  conductor: null,
  receptacles: false,
  proposalId: null,
  why: why.slice(0, 400),
});

/** Findings of the panel as a whole, each kind of work once. */
function ofSigns({ panel, signs }: PlannedPanel): DueTask[] {
  const works = new Map<WorkType, PanelSignId>();
  for (const sign of signs) {
    const work = workForSign(sign);
    if (work !== null && !works.has(work)) works.set(work, sign);
  }
  return [...works].map(([work, sign]) => {
    const { words, why } = PANEL_SIGN_WORDS[sign];
    return {
      key: `found ${work}`,
      tasks: [panelTask(panel, work, words)],
      headline: TASK_WORDS[work].name,
      because: `${words}. ${why}`,
      label: panel.name,
      notHere: null,
      // What is only to be watched may wait.
      ...(panelSign(sign).bearing === 'watch' && { isOptional: true as const }),
    };
  });
}

/** What an inspector wants corrected, told until the inspection has passed. */
const ofCorrections = ({ panel, corrections }: PlannedPanel): DueTask[] =>
  corrections.map(({ entryId, text }, i) => ({
    key: `correction ${entryId} ${i}`,
    tasks: [],
    headline: messages.correction(text),
    because: messages.theInspectionFailed,
    label: panel.name,
    notHere: messages.correctItThenBook,
  }));

/**
 * The inspection of the inside of a panel: it may be done on any visit, and nothing on record asks for it.
 *
 * @param planned the panel
 * @returns a task to choose
 * @example insideInspection(planned).isOptional // true
 */
export const insideInspection = ({ panel }: Pick<PlannedPanel, 'panel'>): DueTask => ({
  key: 'inspect',
  tasks: [panelTask(panel, 'inspect', '')],
  headline: messages.inspectTheInside,
  because: messages.partOfAnInspection,
  label: panel.name,
  notHere: null,
  isOptional: true,
});

/**
 * Everything that is due at a panel: what was decided of its breakers, and what was planned.
 *
 * @param planned the panel
 * @param decided its breakers with the decisions that stand
 * @param newId ids for parts that go in
 * @returns the most pressing first; none where nothing is due
 * @example dueTasks(planned, [], newId) // []
 */
export function dueTasks(
  planned: PlannedPanel,
  decided: readonly DecidedBreaker[],
  newId: () => string,
): DueTask[] {
  const byDecision = decided.flatMap((one): DueTask[] => {
    const found = planned.breakers.find(({ breaker }) => breaker.id === one.breaker.id);
    const due = found ? ofDecision(found, one, newId) : null;
    return due ? [due] : [];
  });
  return [
    ...byDecision,
    ...ofCorrections(planned),
    ...ofSigns(planned),
    ...planned.proposals.map((one) => ofProposal(planned, one, newId)),
  ];
}

/**
 * Which of what is due goes into one visit: nothing twice at one place, since the later would meet what the earlier left.
 *
 * @param due what is due
 * @param chosen keys of what was chosen
 * @returns the tasks, those at a place that is worked on already left out
 * @example tasksOf(due, new Set(due.map(({ key }) => key)))
 */
export function tasksOf(due: readonly DueTask[], chosen: ReadonlySet<string>): VisitTask[] {
  const seen = new Set<string>();
  return due
    .filter(({ key, notHere }) => chosen.has(key) && notHere === null)
    .flatMap(({ tasks }) => tasks)
    .filter(({ id }) => !seen.has(id) && seen.add(id));
}
