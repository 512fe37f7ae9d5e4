import { uncapital } from '../../facts/quantities/index.ts';
import { PERMIT_NEED_WORDS, type PermitNeed } from '../../record/panelEntries/index.ts';
import { taskKind, type TaskKind, type WorkType } from '../../visit/work/index.ts';

const USUAL_WORDS: Record<TaskKind['permit'], string> = {
  usually: 'Work like this usually needs a permit.',
  seldom: 'Many local codes need no permit for like-for-like repairs in a panel.',
  ask: 'Local rules differ for work like this.',
};

const ASK = 'Ask the authority having jurisdiction before you start.';

/** What was needed here before, for which kinds of work. */
export interface EarlierPermit {
  works: readonly WorkType[];
  need: PermitNeed;
}

/**
 * Whether work usually needs a permit: by what this place wanted before, otherwise by what is usual.
 *
 * @param works kinds of work of the visit
 * @param earlier permits of earlier visits at this site, newest first
 * @returns the need that this place asked for before, `unknown` without one, and a sentence
 * @example permitAdvice(['replace'], []).need // 'unknown'
 */
export function permitAdvice(
  works: readonly WorkType[],
  earlier: readonly EarlierPermit[],
): { need: PermitNeed; text: string } {
  const known = earlier.find(
    (one) => one.need !== 'unknown' && works.every((work) => one.works.includes(work)),
  );
  if (known)
    return {
      need: known.need,
      text: `Last time this work was done here: ${uncapital(PERMIT_NEED_WORDS[known.need])}.`,
    };
  const usual = (['usually', 'ask', 'seldom'] as const).find((one) =>
    works.some((work) => taskKind(work).permit === one),
  );
  return { need: 'unknown', text: `${USUAL_WORDS[usual ?? 'ask']} ${ASK}` };
}
