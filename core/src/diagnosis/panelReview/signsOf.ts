import { HEAT_LIMITS, areUnbalanced, LOAD_LIMITS, TIME_LIMITS } from '../../facts/limits/index.ts';
import { atLeast, exceeds, sayQuantity, sayRise, sayTemperature } from '../../facts/quantities/index.ts';
import { panelSign, type PanelSignId, type TestId } from '../../facts/vocabulary/index.ts';
import type {
  FindingPlace,
  FoundHeat,
  FoundLegs,
  FoundOutcome,
  PanelFindings,
  SignFound,
} from './findings.ts';
import { seasonOf } from './season.ts';

const MS_A_DAY = 86_400_000;
/** So many joints under load are a scan. */
const LEAST_SCANNED = 3;

/**
 * Signs of a panel that follow from what is on record, each with where it comes from.
 *
 * @param findings all that is on record
 * @returns each sign once, what a person said of it last among them
 * @example signsOf(findings).map(({ sign }) => sign) // ['one-joint-over-15', 'over-40-years']
 */
export function signsOf(findings: PanelFindings): SignFound[] {
  const signs = [
    ...heardAndSeen(findings),
    ...fromLegs(findings),
    ...fromHeat(findings),
    ...fromBehaviour(findings),
    ...fromContext(findings),
  ];
  return withSaid(signs, findings);
}

const names = (places: readonly FindingPlace[]) => [...new Set(places.map(({ name }) => name))].join(', ');

const sign = (
  id: PanelSignId,
  origin: string,
  places: readonly FindingPlace[] = [],
  when: string | null = null,
): SignFound => ({
  sign: id,
  origin,
  when,
  breakerIds: [...new Set(places.flatMap(({ breakerId }) => breakerId ?? []))],
  entryId: null,
});

/** What a look or a test found, with its places and the last time. */
function looked(
  { outcomes }: PanelFindings,
  test: TestId,
  outcome: string,
  where: (at: FindingPlace) => boolean = () => true,
): { places: FindingPlace[]; when: string } | null {
  const found = outcomes.filter((one) => one.test === test && one.outcome === outcome && where(one.at));
  if (found.length === 0) return null;
  return { places: found.map(({ at }) => at), when: latest(found) };
}

const latest = (list: readonly Pick<FoundOutcome, 'when'>[]) =>
  list.reduce((last, { when }) => (when > last ? when : last), '');

/** From one kind of look: the sign if it was found, told by where. */
function ifLooked(
  findings: PanelFindings,
  test: TestId,
  outcome: string,
  id: PanelSignId,
  words: string,
  where?: (at: FindingPlace) => boolean,
): SignFound[] {
  const found = looked(findings, test, outcome, where);
  return found ? [sign(id, `${words} at ${names(found.places)}.`, found.places, found.when)] : [];
}

const isMain = (at: FindingPlace) => at.isMain;
const isBranch = (at: FindingPlace) => !at.isMain;

function heardAndSeen(findings: PanelFindings): SignFound[] {
  const melted = looked(findings, 'terminal-inspection', 'discoloured-or-melted', isBranch);
  const pitted = looked(findings, 'stab-inspection', 'pitted-or-burnt');
  const several = (places: readonly FindingPlace[]) =>
    new Set(places.map(({ breakerId }) => breakerId)).size > 1;
  return [
    ...ifLooked(findings, 'sound', 'sizzle-or-crackle', 'sizzle-under-load', 'Sizzling or crackling logged'),
    ...ifLooked(findings, 'smell', 'hot-plastic', 'hot-plastic-smell', 'A smell of hot plastic logged'),
    ...ifLooked(findings, 'sound', 'steady-hum', 'steady-hum', 'A steady hum logged'),
    ...ifLooked(findings, 'sound', 'quiet', 'quiet-under-load', 'Quiet when listened to', isMain),
    ...ifLooked(
      findings,
      'terminal-inspection',
      'discoloured-or-melted',
      'lugs-discoloured',
      'Discolored or melted',
      isMain,
    ),
    ...ifLooked(findings, 'terminal-inspection', 'corroded', 'lugs-corroded', 'Corroded lugs', isMain),
    // One burnt terminal is that breaker’s; several are what they share.
    ...(melted && several(melted.places)
      ? [
          sign(
            'insulation-melted',
            `Discolored or melted terminals at ${names(melted.places)}.`,
            melted.places,
            melted.when,
          ),
        ]
      : []),
    ...(pitted
      ? [
          sign(
            several(pitted.places) ? 'stabs-pitted-several' : 'stab-pitted-one',
            `Pitted or burnt bus stab at ${names(pitted.places)}.`,
            pitted.places,
            pitted.when,
          ),
        ]
      : []),
    ...ifLooked(
      findings,
      'terminal-inspection',
      'two-wires-one-terminal',
      'two-under-one-screw',
      'Two conductors under one screw',
    ),
    ...ifLooked(findings, 'water-signs', 'condensation-or-rust', 'rust-light', 'Condensation or rust'),
    ...(findings.openHoles > 0
      ? [
          sign(
            'open-hole',
            `${findings.openHoles} ${findings.openHoles === 1 ? 'space is' : 'spaces are'} drawn open, without a filler.`,
          ),
        ]
      : []),
  ];
}

function fromLegs({ legs, ratingAmps }: PanelFindings): SignFound[] {
  const whole = legs.filter(({ measured }) => atLeast(measured, LOAD_LIMITS.measuredShare));
  if (whole.length === 0) return [];
  const heavier = ({ amps }: FoundLegs) => Math.max(amps.A, amps.B);
  const say = ({ amps }: FoundLegs) => `leg A ${sayQuantity(amps.A, 'A')}, leg B ${sayQuantity(amps.B, 'A')}`;
  const signs: SignFound[] = [];
  const over = ratingAmps === null ? undefined : whole.find((one) => exceeds(heavier(one), ratingAmps));
  if (over)
    signs.push(
      sign('leg-over-rating', `Measured ${say(over)}, of ${sayQuantity(ratingAmps!, 'A')}.`, [], over.when),
    );
  const isUnequal = ({ amps: { A, B } }: FoundLegs) => areUnbalanced(A, B);
  const unequal = whole.filter(isUnequal).sort((a, b) => a.when.localeCompare(b.when));
  const [first, last] = [unequal[0], unequal.at(-1)];
  const sameLeg = (one: FoundLegs) => one.amps.A > one.amps.B;
  if (
    first &&
    last &&
    Date.parse(last.when) - Date.parse(first.when) >= TIME_LIMITS.unequalForYearsDays * MS_A_DAY &&
    unequal.every((one) => sameLeg(one) === sameLeg(first))
  )
    signs.push(
      sign('legs-unequal-for-years', `Measured ${say(first)} at first, ${say(last)} later.`, [], last.when),
    );
  const newest = whole.reduce((a, b) => (b.when > a.when ? b : a));
  if (!isUnequal(newest) && !over)
    signs.push(sign('legs-balanced', `Measured ${say(newest)}.`, [], newest.when));
  return signs;
}

function fromHeat({ heat }: PanelFindings): SignFound[] {
  const { overPeersUrgentC, overPeersRepairSoonC, surfaceUrgentC, leastShareToJudge } = HEAT_LIMITS;
  const over = (one: FoundHeat) => one.overPeersC ?? -Infinity;
  const isUrgent = (one: FoundHeat) =>
    exceeds(over(one), overPeersUrgentC) || (one.overPeersC === null && one.grade === 'urgent');
  const say = (list: readonly FoundHeat[]) =>
    list
      .map((one) =>
        one.overPeersC === null
          ? `${one.at.name} ${sayTemperature(one.surfaceC)}`
          : `${one.at.name} ${sayRise(one.overPeersC)} over similar parts`,
      )
      .join('; ');
  const branches = heat.filter((one) => isBranch(one.at));
  const urgent = branches.filter(isUrgent);
  const urgentBreakers = new Set(urgent.map(({ at }) => at.breakerId)).size;
  const main = heat.filter((one) => one.at.isMain && one.grade === 'urgent');
  // Contacts that weld are the hottest inside: a bad joint is hotter at its terminal than at the face.
  const welded = heat.filter(({ at, point, surfaceC }) => {
    const terminal = heat.find((one) => one.at.breakerId === at.breakerId && one.point === 'terminal');
    return (
      point === 'face' &&
      atLeast(surfaceC, surfaceUrgentC) &&
      terminal !== undefined &&
      terminal.surfaceC < surfaceC - HEAT_LIMITS.hotterInsideC
    );
  });
  const some = branches.filter((one) => exceeds(over(one), overPeersRepairSoonC) && !isUrgent(one));
  const places = (list: readonly FoundHeat[]) => list.map(({ at }) => at);
  const tell = (id: PanelSignId, list: readonly FoundHeat[]) =>
    list.length > 0 ? [sign(id, `${say(list)}.`, places(list), latest(list))] : [];
  const underLoad = branches.filter(
    (one) => one.overPeersC !== null && (one.share ?? 0) >= leastShareToJudge,
  );
  const isClear = urgent.length + some.length + main.length === 0 && underLoad.length >= LEAST_SCANNED;
  return [
    ...tell('very-hot-not-open', welded),
    ...tell('bus-or-lug-over-15', main),
    ...tell(urgentBreakers > 1 ? 'several-over-15' : 'one-joint-over-15', urgent),
    ...tell('some-3-to-15', some),
    ...(isClear
      ? [
          sign(
            'none-over-3',
            `${underLoad.length} joints measured under load, none more than 3 °C over similar ones.`,
            places(underLoad),
            latest(underLoad),
          ),
        ]
      : []),
  ];
}

function fromBehaviour(findings: PanelFindings): SignFound[] {
  const { trips, tooLate } = findings;
  const inOrder = [...trips].sort((a, b) => a.when.localeCompare(b.when));
  const together = inOrder.flatMap((trip, i) => {
    const next = inOrder[i + 1];
    if (!next || next.at.breakerId === trip.at.breakerId) return [];
    if (next.at.breakerId === trip.tiedWith || trip.at.isMain || next.at.isMain) return [];
    return (Date.parse(next.when) - Date.parse(trip.when)) / 1000 <= TIME_LIMITS.togetherSeconds
      ? [[trip, next]]
      : [];
  });
  const [pair] = together;
  const dead =
    looked(findings, 'main-off-check', 'dead-as-expected') ??
    looked(findings, 'branch-off-check', 'dead-as-expected');
  return [
    // Once may be chance: a storm, a hand.
    ...(together.length > 1 && pair
      ? [
          sign(
            'trips-together',
            `${names(pair.map(({ at }) => at))} tripped within ${TIME_LIMITS.togetherSeconds / 60} minutes, ${together.length} times.`,
            pair.map(({ at }) => at),
            pair[1]!.when,
          ),
        ]
      : []),
    ...(tooLate.length > 0
      ? [
          sign(
            'did-not-open',
            `${names(tooLate.map(({ at }) => at))} held longer than any sound breaker may.`,
            tooLate.map(({ at }) => at),
            latest(tooLate),
          ),
        ]
      : []),
    ...ifLooked(
      findings,
      'main-off-check',
      'still-live',
      'did-not-open',
      'Still live with the main off',
      isMain,
    ),
    ...(dead
      ? [
          sign(
            'opens-as-it-should',
            `Switched off and found dead at ${names(dead.places)}.`,
            dead.places,
            dead.when,
          ),
        ]
      : []),
  ];
}

function fromContext(findings: PanelFindings): SignFound[] {
  const season = seasonOf(findings.seasonal, findings.now);
  const wrongBar = looked(findings, 'neutral-joint-inspection', 'on-the-wrong-bar');
  return [
    ...ifLooked(
      findings,
      'part-match',
      'not-listed',
      'unlisted-part',
      'Not listed for this panel, the breaker',
    ),
    ...(wrongBar && findings.isSubPanel
      ? [
          sign(
            'neutral-ground-in-sub-panel',
            `A neutral on the wrong bar at ${names(wrongBar.places)}.`,
            wrongBar.places,
            wrongBar.when,
          ),
        ]
      : []),
    ...ifLooked(findings, 'panel-age', 'over-40-years', 'over-40-years', 'Logged as more than 40 years old'),
    ...ifLooked(
      findings,
      'panel-age',
      'family-withdrawn',
      'family-withdrawn',
      'Logged as of a withdrawn family',
    ),
    ...(findings.hasSingleMain ? [] : [sign('no-single-main', 'Drawn without a single main.')]),
    ...ifLooked(findings, 'water-signs', 'wet-now', 'damp', 'Wet'),
    ...(findings.freeSpaces === 0 ? [sign('full', 'No whole space is free as it is drawn.')] : []),
    ...(season?.isAhead ? [sign('season-ahead', season.text)] : []),
  ];
}

/** What a person said of a sign last, it is; what they said is not so any more is taken away. Each sign stands once. */
function withSaid(signs: readonly SignFound[], { signs: said, now }: PanelFindings): SignFound[] {
  const found = new Map<PanelSignId, SignFound>();
  for (const one of signs) {
    const before = found.get(one.sign);
    if (!before || (one.when ?? '') > (before.when ?? '')) found.set(one.sign, one);
  }
  for (const { sign: id, found: isSo, when, entryId } of [...said].sort((a, b) =>
    a.when.localeCompare(b.when),
  )) {
    const before = found.get(id);
    if (!isSo) {
      if (!before || before.entryId !== null || (before.when ?? '') <= when) found.delete(id);
    } else if (!before || before.entryId !== null)
      found.set(id, { sign: id, origin: 'Logged at the panel.', when, breakerIds: [], entryId });
  }
  const since = new Date(Date.parse(now) - TIME_LIMITS.inspectionDays * MS_A_DAY).toISOString();
  const stale = (one: SignFound) =>
    one.when !== null && one.when < since && panelSign(one.sign).bearing === 'clears';
  return [...found.values()].filter((one) => !stale(one));
}
