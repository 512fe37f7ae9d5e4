import { learn, type Learned } from '@phylaxon/core/diagnosis/causes';
import type { Breaker } from '@phylaxon/core/record/entities';
import type { EntityManager } from 'typeorm';
import { siteRow } from '../record/index.ts';
import { readSettings } from '../settings/index.ts';
import { confirmedEnds } from './closedCases.ts';

/** What confirmed ends teach about a breaker; without one, about any. */
export type Teaches = (breaker?: Pick<Breaker, 'kind' | 'family'>) => Learned | null;

/** What is taught at a site: by all confirmed ends on record, unless the settings have them not count. */
export async function learnedAt(manager: EntityManager, siteId: string): Promise<Teaches> {
  if (!(await readSettings(manager)).learn) return () => null;
  const ends = await confirmedEnds(manager, (await siteRow(manager, siteId)).demo);
  const known = new Map<string, Learned | null>();
  return (breaker) => {
    const kind = breaker === undefined || breaker.kind === 'surge' ? undefined : breaker.kind;
    const family = breaker?.family;
    const key = `${kind}\n${family}`;
    if (!known.has(key)) known.set(key, learn(ends, { kind, family }));
    return known.get(key)!;
  };
}
