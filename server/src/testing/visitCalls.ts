import { randomUUID } from 'node:crypto';
import { visitAnswer, type VisitFault } from '@phylaxon/core/simulate/panel';
import type { Board } from '@phylaxon/core/views/board';
import type { VisitRecord } from '@phylaxon/core/views/visit';
import { nextOf, walk, type VisitFact } from '@phylaxon/core/visit/work';
import type { callsTo } from './aShed.ts';

/** What an entry of a panel is answered with. */
export interface EntryAnswer {
  ids: string[];
  error?: { code: string; message: string; issues: { path: string; message: string }[] };
}

/** More visits than this have no steps. */
const MOST_STEPS = 80;

/** Visits as they are planned and made over the record’s routes. */
export function visitCalls({ call }: ReturnType<typeof callsTo>) {
  const post = (panelId: string, kind: string, content: object, more: object = {}) =>
    call<EntryAnswer>('post', `/panels/${panelId}/entries`, {
      kind,
      at: new Date().toISOString(),
      content,
      simulated: true,
      ...more,
    });

  /** Plan a visit that exchanges a breaker of a panel. */
  async function plan(panelId: string, breakerId: string, change: object = {}) {
    const { body } = await call<Board>('get', `/panels/${panelId}`);
    const { breaker } = body.breakers.find((one) => one.breaker.id === breakerId)!;
    const { id, space, poles, ratingAmps, kind } = breaker;
    const task = {
      ...{ id, work: 'replace', breakerId: id, partId: randomUUID() as string, label: 'Shed' },
      ...{ space, poles, ratingAmps, kind },
      ...change,
    };
    const planned = { visitId: randomUUID() as string, tasks: [task], off: 'its main breaker', minutes: 30 };
    return { plan: planned, task, answer: await post(panelId, 'visit', planned) };
  }

  const told = async (visitId: string) => (await call<VisitRecord>('get', `/visits/${visitId}`)).body;

  /** The next step of a visit. */
  const step = async (panelId: string, visitId: string, fact: VisitFact) =>
    post(panelId, 'visit-step', { visitId, n: (await told(visitId)).steps.length, fact });

  /** Go on with a visit in a made-up house until nothing is answered; a place with trouble is left. */
  async function goOn(
    panelId: string,
    visitId: string,
    fault: VisitFault,
    until: (fact: VisitFact) => boolean = () => false,
  ): Promise<VisitFact[]> {
    for (let i = 0; i < MOST_STEPS; i++) {
      const { plan: of, steps } = await told(visitId);
      const facts = steps.map(({ fact }) => fact);
      const { state } = walk(of, facts);
      const next = nextOf(of, state);
      const fact: VisitFact | null =
        next.kind === 'choose'
          ? { is: 'changed', id: next.id, way: 'not-now', space: null, ratingAmps: null }
          : visitAnswer({ seed: 'test', fault, told: facts }, state, next);
      if (fact === null || until(fact)) return facts;
      const { status, body } = await step(panelId, visitId, fact);
      if (status !== 201) throw new Error(JSON.stringify(body));
    }
    throw new Error('It never ends.');
  }

  return { post, plan, told, step, goOn };
}
