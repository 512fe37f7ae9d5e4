import { z } from 'zod';
import { consequencesOf } from '../../facts/hazards/index.ts';
import { cautionText, type Decision } from '../decision/index.ts';
import { sayPlace, BREAKER_KIND_WORDS } from '../../panel/layout/index.ts';
import { sayDuration, sayQuantity } from '../../facts/quantities/index.ts';
import { marked } from '../evidence/index.ts';
import { instant, PACE_WORDS, type BreakerEvent } from '../../record/entities/index.ts';
import { sayConductor } from '../../code/sizing/index.ts';
import { COMPLAINT_WORDS, sayOutcome, TEST_WORDS } from '../../facts/vocabulary/index.ts';
import { lookAtCase } from './lookAtCase.ts';
import type { CaseRecord } from './schema.ts';
import * as messages from './messages.ts';

/** What was done or found, and when; a sentence says so where the simulated stand-in told it. */
const line = z.object({ at: instant, text: z.string() });

/** A case on one page, for whoever takes it over. */
export const handOverCard = z.object({
  title: z.string(),
  complaint: z.string(),
  words: z.string(),
  openedAt: instant,
  openedBy: z.enum(['homeowner', 'electrician']),
  site: z.string(),
  panel: z.string().nullable(),
  breaker: z.string().nullable().describe('location and type'),
  conductor: z.string().nullable(),
  loads: z.array(z.string()),
  stop: z.array(z.string()).describe('danger signs; empty if none were seen'),
  hazards: z
    .array(z.string())
    .default([])
    .describe('findings that restrict use until repaired, for this breaker and its panel'),
  untilThen: z.array(z.string()).default([]).describe('what to do until they are repaired'),
  tried: z.array(line).describe('resets, trips and tests, oldest first'),
  found: z.array(line).describe('findings and readings, oldest first'),
  notAnswered: z.array(z.string()),
  causes: z.array(z.object({ name: z.string(), probability: z.number() })),
  decision: z.object({
    headline: z.string(),
    confidence: z.number().nullable().describe('null if nothing is decided yet'),
    reasons: z.array(z.string()),
  }),
  next: z.array(z.string()).describe('tests that would help most'),
  doNot: z.array(z.string()),
});
export type HandOverCard = z.infer<typeof handOverCard>;

/** A reset, a trip or a trial, in a sentence. */
function sayEvent(event: BreakerEvent): string {
  const { kind, feel, result, power, pace, afterSeconds, amps, connected, unplugged, position } = event;
  const soon =
    afterSeconds === null ? (pace ? PACE_WORDS[pace] : '') : messages.after(sayDuration(afterSeconds));
  const at = amps === null ? '' : messages.at(sayQuantity(amps, 'A'));
  const bare = unplugged ? messages.withEverythingUnplugged : '';
  const only = connected && connected.length > 0 ? messages.withOnlyConnected(connected.join(', ')) : '';
  switch (kind) {
    case 'handle':
      return messages.theHandleWas(position === 'tripped' ? 'tripped' : position);
    case 'no-trip':
      return messages.itCarriedForAndHeld(sayQuantity(amps ?? 0, 'A'), sayDuration(afterSeconds ?? 0));
    case 'trip':
      return messages.itTripped(soon, at, bare);
    case 'reset': {
      const how =
        result === 'tripped' ? messages.itTrippedAgain(soon, at) : result === 'holds' ? messages.itHeld : '';
      return [
        `Reset${bare}${only}${how}.`,
        feel && `${sayOutcome('reset-feel', feel)}.`,
        power && `${sayOutcome('power-after-reset', power)}.`,
      ]
        .filter(Boolean)
        .join(' ');
    }
  }
}

/**
 * A case on one page: what was complained of, what was tried and found, possible causes, tests that would confirm them, and
 * what not to do.
 *
 * @param file the case with its evidence; what would tell most is chosen for an electrician’s hands
 * @returns the page, part by part
 * @example handOverOf(file).doNot[0] // 'Do not reset it again …'
 */
export function handOverOf(file: CaseRecord): HandOverCard {
  const { decision, causes, items, others, step, mayReset, isolation } = lookAtCase(file, 'electrician');
  const { case: about, dossier, panel, site } = file;
  const subject = dossier?.subject;
  const breaker = subject?.breaker;
  const circuit = subject?.circuit ?? null;
  const events = subject?.entries.events.filter((event) => event.struck === null) ?? [];
  const tripsAtOnce = items.some(
    ({ test, outcome }) => test.startsWith('reset-result') && outcome === 'trips-at-once',
  );
  const undecided = decision.family === 'need-more';
  const hazards = restrictions(decision).map(({ text }) => text);
  return {
    title: circuit?.label ?? (about.words || COMPLAINT_WORDS[about.complaint]),
    complaint: COMPLAINT_WORDS[about.complaint],
    words: about.words,
    openedAt: about.openedAt,
    openedBy: about.openedBy,
    site: site.name,
    panel: panel?.name ?? null,
    breaker: breaker
      ? `${breaker.space === null ? messages.theMain : messages.space(sayPlace(breaker))}, ${breaker.ratingAmps} A, ${breaker.poles === 2 ? 'two-pole' : 'one-pole'}, ${BREAKER_KIND_WORDS[breaker.kind]}${breaker.family ? `, ${breaker.family}` : ''}`
      : null,
    conductor: circuit?.conductor
      ? `${sayConductor(circuit.conductor)}, ${circuit.conductor.insulationC} °C`
      : null,
    loads: circuit?.loads.map(({ name }) => name) ?? [],
    stop: decision.stop.reasons,
    hazards,
    untilThen: decision.stop.active ? decision.stop.doNow : (consequencesOf(decision.hazard)?.now ?? []),
    tried: events.map((event) => ({ at: event.at, text: marked(event, sayEvent(event)) })),
    found: items
      .filter(({ origin }) => origin === 'reading' || origin === 'observation')
      .map(({ at, text }) => ({ at, text }))
      .sort((a, b) => a.at.localeCompare(b.at)),
    notAnswered: about.passed.map(({ test }) => TEST_WORDS[test].name),
    causes: causes.slice(0, 5).map(({ name, probability }) => ({ name, probability })),
    decision: {
      headline: decision.headline,
      confidence: undecided ? null : decision.confidence,
      // A hazard is told once, under its own heading.
      reasons: decision.reasons
        .map(({ text }) => text)
        .filter((text) => !hazards.includes(text))
        .slice(0, 5),
    },
    next: [
      ...new Set([
        ...(step.kind === 'ask' ? [step.test] : []),
        ...decision.next.map(({ test }) => test),
        ...others,
      ]),
    ]
      .slice(0, 5)
      .map((test) => TEST_WORDS[test].name),
    doNot: doNot(file.policies, {
      stopped: decision.stop.active,
      mayReset: mayReset && (!tripsAtOnce || Boolean(isolation?.found)),
      everTripped: events.length > 0,
    }),
  };
}

/** Findings from `restrict` on that are no stop. */
const restrictions = ({ hazard, panelHazard }: Decision) =>
  [...hazard.findings, ...panelHazard.findings].filter(({ level }) => level === 'restrict');

/** What to leave alone until the electrician arrives. */
function doNot(
  policies: CaseRecord['policies'],
  { stopped, mayReset, everTripped }: Record<'stopped' | 'mayReset' | 'everTripped', boolean>,
): string[] {
  const again = everTripped ? cautionText('noMoreResets', policies) : messages.doNotTurnItOnUntil;
  return [
    ...(stopped ? [messages.doNotTurnItOnEven] : mayReset ? [] : [again]),
    cautionText('neverLarger', policies),
    messages.doNotOpenThePanelCover,
    cautionText('advice', policies),
  ];
}
