import { LOAD_LIMITS } from '../../facts/limits/index.ts';
import type { Reason } from '../../facts/quantities/index.ts';
import { EDITIONS, PLACE_RULES, SERVED, type Edition, type PlaceRule, type ServedUse } from './rules.ts';
import * as messages from './messages.ts';

/** What is asked of a circuit by what it serves. */
export interface PlaceQuestion {
  /** Everything the circuit serves; an id that is in no list is told, never guessed. */
  serves: readonly string[];
  edition: Edition;
  volts: 120 | 240;
  ratingAmps: number;
  /** Whether things are plugged in there. */
  receptacles: boolean;
  /** New, extended or changed; what stands from before may stand. */
  isNew: boolean;
  /** A local list of one’s own, which goes before the code’s: what it asks for at each place. */
  own?: Partial<Record<string, readonly PlaceRule['asks'][]>>;
}

/** The kind of breaker a place asks for. */
export interface PlaceAnswer {
  kind: 'standard' | 'gfci' | 'afci' | 'dual';
  /** Ids of what is in no list: nobody may conclude anything for them. */
  unknown: string[];
  reasons: Reason[];
}

const isServed = (id: string): id is ServedUse => Object.hasOwn(PLACE_RULES, id);
const notBefore = (edition: Edition, from: Edition) => EDITIONS.indexOf(edition) >= EDITIONS.indexOf(from);

const applies = (
  { receptaclesOnly, also240From, mostAmps }: PlaceRule,
  { edition, volts, ratingAmps, receptacles }: PlaceQuestion,
): boolean =>
  (receptacles || !receptaclesOnly) &&
  ratingAmps <= mostAmps &&
  (volts === 120 || (also240From !== null && notBefore(edition, also240From))) &&
  // The oldest list is of outlets of 15 and 20 A only.
  (edition !== '2017' || also240From === '2017' || ratingAmps <= LOAD_LIMITS.portableMostAmps);

const KINDS = { 'ground-fault': 'gfci', 'arc-fault': 'afci' } as const;

/**
 * Which kind of breaker the code asks for by what a circuit of a dwelling serves. The same protection at the first outlet
 * often does as well; local lists go before.
 *
 * Source: NEC 2017, 2020, 2023: 210.8, 210.12, 625.54, 680.21, 680.44; 406.4(D) for what is replaced.
 *
 * @param question what it serves, the edition in force, V, A, whether it is new work
 * @returns the kind of breaker, with a reason and its clause for each place, and what is in no list
 * @example
 * protectionByPlace({ serves: ['bedroom'], edition: '2020', volts: 120, ratingAmps: 15, receptacles: true, isNew: true }).kind // 'afci'
 */
export function protectionByPlace(question: PlaceQuestion): PlaceAnswer {
  const { serves, edition, isNew, own } = question;
  const reasons: Reason[] = [];
  const asked = new Set<PlaceRule['asks']>();
  const unknown: string[] = [];
  for (const id of serves) {
    const local = own?.[id];
    if (local !== undefined) {
      for (const one of local) asked.add(one);
      const asks = local.length === 0 ? 'nothing' : local.join(' and ');
      reasons.push({ code: 'own-list', text: messages.yourOwnListRequiresProtection(asks) });
      continue;
    }
    if (!isServed(id)) {
      unknown.push(id);
      reasons.push({
        code: 'not-in-the-list',
        text: messages.isNotInPhylaxonSList(id),
      });
      continue;
    }
    for (const rule of PLACE_RULES[id]) {
      const clause = rule.clauses[edition];
      if (clause === undefined || !applies(rule, question)) continue;
      asked.add(rule.asks);
      reasons.push({
        code: rule.asks,
        text: [messages.protectionNec(SERVED[id], rule.asks, edition, clause), rule.note]
          .filter(Boolean)
          .join(' '),
      });
    }
  }
  if (asked.size > 0 && !isNew) {
    reasons.push({
      code: 'old-work-may-stand',
      text: messages.anInstallationThatMetTheCode,
    });
  }
  if (asked.size === 0 && unknown.length === 0)
    reasons.push({
      code: 'none-asked',
      text: messages.necDoesNotRequireThis(edition),
    });
  const all = [...asked];
  const kind = !isNew || all.length === 0 ? 'standard' : all.length === 2 ? 'dual' : KINDS[all[0]!];
  return { kind, unknown, reasons };
}
