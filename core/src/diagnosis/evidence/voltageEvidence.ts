import { keptPerObject } from '../../facts/kept/index.ts';
import { VOLTAGE_LIMITS, voltageWord, type VoltageWord, TIME_LIMITS } from '../../facts/limits/index.ts';
import { legsOf, type Leg } from '../../panel/layout/index.ts';
import { sayQuantity } from '../../facts/quantities/index.ts';
import { CITATIONS } from '../../facts/standards/index.ts';
import type { Entries, Reading } from '../../record/entities/index.ts';
import type { OutcomeOf, TestId } from '../../facts/vocabulary/index.ts';
import {
  type BreakerRecord,
  type Evidence,
  type EvidenceItem,
  handleAt,
  nearest,
  marked,
  orBeyond,
} from '../evidenceItems/index.ts';
import * as messages from './messages.ts';

const v = (value: number) => sayQuantity(value, 'V');
/** A voltage with the limit it is held against: the lower, or the upper where it lies above that. */
const figure = (label: string, { value }: Reading, legs = 1) => {
  const [low, high] = limitsOf(legs) as [number, number];
  return { label, value, unit: 'V' as const, limit: value > high ? high : low };
};

const limitsOf = (legs: number) => [VOLTAGE_LIMITS.low * legs, VOLTAGE_LIMITS.high * legs];

/** The word for a voltage at a 120 V point. A 240 V outlet is judged by half of what it shows. */
function word(value: number, poles: number): VoltageWord {
  const perLeg = poles === 2 && value > VOLTAGE_LIMITS.oneLegMost ? value / 2 : value;
  return voltageWord(perLeg);
}

/** The outcomes of all voltage readings of a breaker. */
export const voltageEvidence = keptPerObject((file: BreakerRecord): EvidenceItem[] => [
  ...loadTerminal(file),
  ...outlet(file),
  ...offButLive(file),
]);

const voltagesAt = (entries: Entries, point: Reading['point']) =>
  entries.readings.filter((r) => r.quantity === 'voltage' && r.point === point);

/**
 * Whether a reading was taken with the breaker on. Voltage on one that is recorded as tripped means
 * that somebody has reset it since and not logged it.
 */
const takenOn = (file: BreakerRecord) => (r: Reading) => {
  const handle = handleAt(file.entries.events, r.at);
  return handle === 'on' || (handle === 'tripped' && r.value >= VOLTAGE_LIMITS.zero);
};

function loadTerminal(file: BreakerRecord): EvidenceItem[] {
  const on = takenOn(file);
  const first = voltagesAt(file.entries, 'load-terminal').filter(on).at(-1);
  if (!first) return [];
  const second =
    file.breaker.poles === 2
      ? nearest(voltagesAt(file.entries, 'load-terminal-2').filter(on), first.at, TIME_LIMITS.currentHours)
      : null;
  const words = [first, second].filter((r) => r !== null).map((r) => word(r.value, 1));
  const outcome = terminalOutcome(words);
  const figures = [figure(second ? messages.loadTerminalFirstPole : messages.loadTerminal, first)];
  if (second) figures.push(figure(messages.loadTerminalSecondPole, second));
  const values = figures.map(({ value }) => v(value)).join(' and ');
  const texts = {
    zero: messages.theBreakerHasNoOutputAt(values),
    'one-pole-zero': messages.onePoleIsDeadAtThe(values),
  };
  const { or, sentence } = second
    ? { or: undefined, sentence: '' }
    : orBeyond(first.value, first.error, limitsOf(1), 'V', (value) => terminalOutcome([word(value, 1)]));
  const text = texts[outcome as keyof typeof texts] ?? messages.itsLoadTerminalReadsWithThe(values, sentence);
  const item = (test: TestId, what: string): EvidenceItem => ({
    test,
    outcome: what,
    at: first.at,
    text: marked(first, text),
    figures,
    source: CITATIONS.voltage,
    origin: 'reading',
  });
  // Too high a voltage is the supply's doing; it is the same danger as at an outlet.
  const tooHigh = words.includes('high') ? [item('outlet-voltage', 'high')] : [];
  return [{ ...item('load-terminal-voltage', outcome), ...(or && { or }) }, ...tooHigh];
}

/** One word for the load terminals of all poles. */
function terminalOutcome(words: VoltageWord[]): OutcomeOf<'load-terminal-voltage'> {
  const zeros = words.filter((w) => w === 'zero').length;
  if (zeros > 0) return zeros < words.length ? 'one-pole-zero' : 'zero';
  return words.includes('low') ? 'low' : 'normal';
}

function outlet(file: BreakerRecord): EvidenceItem[] {
  const reading = voltagesAt(file.entries, 'outlet').filter(takenOn(file)).at(-1);
  if (!reading) return [];
  const { poles } = file.breaker;
  const outcome = word(reading.value, poles);
  const legs = poles === 2 && reading.value > VOLTAGE_LIMITS.oneLegMost ? 2 : 1;
  const { or, sentence } = orBeyond(reading.value, reading.error, limitsOf(legs), 'V', (value) =>
    word(value, poles),
  );
  const [lowest, highest] = limitsOf(file.breaker.poles);
  const normal = messages.toV(lowest, highest);
  return [
    {
      test: 'outlet-voltage',
      outcome,
      ...(or && { or }),
      at: reading.at,
      text: marked(
        reading,
        messages.theOutletReads(
          v(reading.value),
          outcome === 'normal' ? '' : messages.normalIs(normal),
          sentence,
        ),
      ),
      figures: [figure('outlet', reading, legs)],
      source: CITATIONS.voltage,
      origin: 'reading',
    },
  ];
}

/** Seen off, and yet live: welded, the wrong breaker, or another source feeding in. */
function offButLive(file: BreakerRecord): EvidenceItem[] {
  const reading = file.entries.readings
    .filter((r) => r.quantity === 'voltage' && r.point !== 'leg-a' && r.point !== 'leg-b')
    .filter((r) => handleAt(file.entries.events, r.at) === 'off')
    .at(-1);
  if (!reading) return [];
  const live = reading.value >= VOLTAGE_LIMITS.zero;
  const test = file.breaker.role === 'main' ? 'main-off-check' : 'branch-off-check';
  return [
    {
      test,
      outcome: live ? 'still-live' : 'dead-as-expected',
      at: reading.at,
      text: marked(
        reading,
        live
          ? messages.theBreakerIsOffButIts(v(reading.value))
          : messages.withTheBreakerOffTheOutput(v(reading.value)),
      ),
      figures: [
        {
          ...figure(reading.point === 'outlet' ? 'outlet' : messages.loadTerminal, reading),
          limit: VOLTAGE_LIMITS.zero,
        },
      ],
      origin: 'reading',
    },
  ];
}

/** Whether the line side is alive as it was told without figures; one leg alone does not say which. */
function toldLineSide(details: readonly BreakerRecord[]): Evidence['lineSide'] {
  const told = details
    .flatMap(({ entries, since }) => entries.observations.filter(({ at }) => at >= (since ?? '')))
    .filter(({ test }) => test === 'line-side-voltage')
    .sort((x, y) => x.at.localeCompare(y.at))
    .at(-1)?.outcome;
  if (told === 'both-legs-normal') return 'alive';
  return told === 'both-missing' ? 'dead' : null;
}

/**
 * The supply legs, from readings on this breaker's detail or the main's. With a load-terminal reading
 * on record only legs measured in the same visit count.
 */
export function lineSideEvidence(
  file: BreakerRecord,
  main: BreakerRecord | null,
): { items: EvidenceItem[]; lineSide: Evidence['lineSide'] } {
  const details = [file, ...(main && main.breaker.id !== file.breaker.id ? [main] : [])];
  const visit = voltagesAt(file.entries, 'load-terminal').at(-1)?.at;
  const latest = (point: 'leg-a' | 'leg-b') => {
    const all = details
      .flatMap((detail) => voltagesAt(detail.entries, point))
      .sort((x, y) => x.at.localeCompare(y.at));
    return (visit === undefined ? all.at(-1) : nearest(all, visit, TIME_LIMITS.visitHours)) ?? null;
  };
  const a = latest('leg-a');
  const b = latest('leg-b');
  const own: Leg[] =
    file.breaker.space === null ? ['A', 'B'] : legsOf({ ...file.breaker, space: file.breaker.space });
  const values = own.map((leg) => (leg === 'A' ? a : b)?.value);
  const lineSide = values.some((value) => value !== undefined && value < VOLTAGE_LIMITS.zero)
    ? 'dead'
    : values.every((value) => value !== undefined && value >= VOLTAGE_LIMITS.low)
      ? 'alive'
      : values.every((value) => value === undefined)
        ? toldLineSide(details)
        : null;
  if (!a || !b) return { items: [], lineSide };
  const isOfPanel = [a, b].every(({ breakerId }) => breakerId !== file.breaker.id);

  const outcome = legsOutcome(a.value, b.value);
  if (outcome === null) return { items: [], lineSide };
  const legs = messages.legALegB(v(a.value), v(b.value));
  const texts = {
    'both-missing': messages.bothSupplyLegsAreDead(legs),
    'one-leg-missing': messages.oneSupplyLegIsDead(legs),
    'legs-unequal': messages.theTwoLegsDifferByMore(
      v(Math.abs(a.value - b.value)),
      legs,
      v(VOLTAGE_LIMITS.legsUnequal),
    ),
    'both-legs-normal': messages.bothSupplyLegsReachThePanel(legs),
  };
  const from = {
    at: a.at > b.at ? a.at : b.at,
    figures: [figure(messages.legAToNeutral, a), figure(messages.legBToNeutral, b)],
    source: CITATIONS.voltage,
    ...(isOfPanel && { ofPanel: true as const }),
  };
  const text = (words: string) => marked({ simulated: a.simulated || b.simulated }, words);
  return {
    lineSide,
    items: [
      { test: 'line-side-voltage', outcome, text: text(texts[outcome]), origin: 'reading', ...from },
      // What arrives at this panel has passed the breaker ahead of it.
      ...(outcome === 'both-legs-normal'
        ? [
            {
              test: 'upstream-breaker' as const,
              outcome: 'on' as const,
              text: text(messages.theBreakerThatFeedsThisPanel(legs)),
              origin: 'computed' as const,
              ...from,
            },
          ]
        : []),
    ],
  };
}

/** One word for the two supply legs; `null` where none of the vocabulary's fits. */
function legsOutcome(a: number, b: number): OutcomeOf<'line-side-voltage'> | null {
  const dead = [a, b].filter((value) => value < VOLTAGE_LIMITS.zero).length;
  if (dead > 0) return dead === 2 ? 'both-missing' : 'one-leg-missing';
  if (Math.abs(a - b) > VOLTAGE_LIMITS.legsUnequal) return 'legs-unequal';
  return Math.min(a, b) >= VOLTAGE_LIMITS.low ? 'both-legs-normal' : null;
}
