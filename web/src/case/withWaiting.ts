import type { CaseRecord } from '@phylaxon/core/diagnosis/cases';
import {
  NOTHING_SAID,
  type BreakerEvent,
  type KeptAnswer,
  type Observation,
  type Reading,
} from '@phylaxon/core/record/entities';
import type { Entry } from '../api/index.ts';

const UNITS = { voltage: 'V', current: 'A', temperature: '°C' } as const;

type Body = Record<string, unknown> & { at: string };

/** How the server would keep an entry it has not seen yet. */
const asKept = (body: Body, breakerId: string, caseId: string) => ({
  note: '',
  simulated: false,
  ...body,
  caseId,
  breakerId,
  loggedAt: body.at,
  struck: null,
});

/** Whether an entry that waits is this case’s. */
export const isOfCase = ({ path, body }: Pick<Entry, 'path' | 'body'>, caseId: string): boolean =>
  path === `/cases/${caseId}` || path.startsWith(`/cases/${caseId}/`) || concerns(body, caseId);

/**
 * A case as it will be once everything that waits for the server is stored: so that work goes on without it.
 *
 * @param waiting what waits, oldest first; what is not this case’s is left out
 */
export function withWaiting(file: CaseRecord, waiting: readonly Entry[]): CaseRecord {
  return waiting.reduce(applied, file);
}

function applied(file: CaseRecord, { path, body }: Entry): CaseRecord {
  const { id } = file.case;
  const to = (rest: string) => path === `/cases/${id}${rest}`;
  if (to('/answers')) return answered(file, (body as { answers: (Body & KeptAnswer)[] }).answers);
  if (to('/passed')) {
    const pass = body as {
      tests: KeptAnswer['test'][];
      why: 'skip' | 'cannot' | 'unsure' | null;
      at: string;
    };
    const { why, at } = pass;
    const rest = file.case.passed.filter(({ test }) => !pass.tests.includes(test));
    const passed = why === null ? rest : [...rest, ...pass.tests.map((test) => ({ test, why, at }))];
    return { ...file, case: { ...file.case, passed } };
  }
  if (to('/confirmation')) {
    const { confirmed } = body as Pick<CaseRecord['case'], 'confirmed'>;
    return { ...file, case: { ...file.case, confirmed } };
  }
  if (to('')) {
    const {
      version: _version,
      breakerId: _breakerId,
      answers: _answers,
      ...fields
    } = body as Partial<CaseRecord['case']>;
    return { ...file, case: { ...file.case, ...fields } };
  }
  const [, breakerId, kind] = /^\/breakers\/([^/]+)\/(events|observations|readings)$/.exec(path) ?? [];
  if (!breakerId || !concerns(body, id)) return file;
  if (kind === 'events')
    return logged(file, breakerId, 'events', [
      { ...NOTHING_SAID, ...asKept(body as Body, breakerId, id) } as unknown as BreakerEvent,
    ]);
  if (kind === 'observations')
    return logged(file, breakerId, 'observations', [
      asKept(body as Body, breakerId, id) as unknown as Observation,
    ]);
  return logged(
    file,
    breakerId,
    'readings',
    (body as { readings: (Body & { quantity: Reading['quantity'] })[] }).readings.map(
      (one) =>
        ({
          ambientC: null,
          instrument: 'unknown',
          loadState: 'unknown',
          ...asKept(one, breakerId, id),
          unit: UNITS[one.quantity],
        }) as unknown as Reading,
    ),
  );
}

/** Whether an entry for a breaker’s log was made in this case. */
const concerns = (body: object, caseId: string): boolean =>
  'readings' in body
    ? (body.readings as { caseId?: string }[]).some((one) => one.caseId === caseId)
    : 'caseId' in body && body.caseId === caseId;

function answered(file: CaseRecord, answers: (Body & KeptAnswer)[]): CaseRecord {
  const { breakerId, id } = file.case;
  if (breakerId !== null) {
    return logged(
      file,
      breakerId,
      'observations',
      answers.map((answer) => asKept(answer, breakerId, id) as unknown as Observation),
    );
  }
  const known = new Set(file.case.answers.map((answer) => answer.id));
  const fresh = answers
    .filter((answer) => !known.has(answer.id))
    .map((answer) => ({
      ...answer,
      note: answer.note ?? '',
      simulated: answer.simulated ?? false,
      takenBackAt: null,
    }));
  return { ...file, case: { ...file.case, answers: [...file.case.answers, ...fresh] } };
}

type Kinds = { readings: Reading; events: BreakerEvent; observations: Observation };

function logged<K extends keyof Kinds>(
  file: CaseRecord,
  breakerId: string,
  kind: K,
  entries: Kinds[K][],
): CaseRecord {
  const known = new Set(file.log.map(({ entry }) => entry.id));
  const fresh = entries.filter((entry) => !known.has(entry.id));
  const log = [
    ...file.log,
    ...fresh.map((entry) => ({ kind, breakerId, entry }) as CaseRecord['log'][number]),
  ];
  const { dossier } = file;
  if (!dossier || dossier.subject.breaker.id !== breakerId) return { ...file, log };
  const { subject } = dossier;
  const more = { ...subject.entries, [kind]: [...subject.entries[kind], ...fresh] };
  return { ...file, log, dossier: { ...dossier, subject: { ...subject, entries: more } } };
}
