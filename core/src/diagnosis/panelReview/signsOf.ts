import { areUnbalanced, LOAD_LIMITS, TIME_LIMITS } from '../../facts/limits/index.ts';
import { atLeast, exceeds, sayQuantity } from '../../facts/quantities/index.ts';
import { panelSign, type PanelSignId } from '../../facts/vocabulary/index.ts';
import type { FindingPlace, FoundLegs, PanelFindings, SignFound } from './findings.ts';
import { seasonOf } from './season.ts';
import { MS_A_DAY, ifLooked, isBranch, isMain, latest, looked, names, sign } from './sign.ts';
import { fromHeat } from './heatSigns.ts';
import * as messages from './messages.ts';

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

function heardAndSeen(findings: PanelFindings): SignFound[] {
  const melted = looked(findings, 'terminal-inspection', 'discoloured-or-melted', isBranch);
  const pitted = looked(findings, 'stab-inspection', 'pitted-or-burnt');
  const several = (places: readonly FindingPlace[]) =>
    new Set(places.map(({ breakerId }) => breakerId)).size > 1;
  return [
    ...ifLooked(
      findings,
      'sound',
      'sizzle-or-crackle',
      'sizzle-under-load',
      messages.sizzlingOrCracklingLogged,
    ),
    ...ifLooked(findings, 'smell', 'hot-plastic', 'hot-plastic-smell', messages.smellOfHotPlasticLogged),
    ...ifLooked(findings, 'sound', 'steady-hum', 'steady-hum', messages.steadyHumLogged),
    ...ifLooked(findings, 'sound', 'quiet', 'quiet-under-load', messages.noSoundWhenChecked, isMain),
    ...ifLooked(
      findings,
      'terminal-inspection',
      'discoloured-or-melted',
      'lugs-discoloured',
      messages.discoloredOrMelted,
      isMain,
    ),
    ...ifLooked(findings, 'terminal-inspection', 'corroded', 'lugs-corroded', messages.corrodedLugs, isMain),
    // One burnt terminal is that breaker’s; several are what they share.
    ...(melted && several(melted.places)
      ? [
          sign(
            'insulation-melted',
            messages.discoloredOrMeltedTerminalsAt(names(melted.places)),
            melted.places,
            melted.when,
          ),
        ]
      : []),
    ...(pitted
      ? [
          sign(
            several(pitted.places) ? 'stabs-pitted-several' : 'stab-pitted-one',
            messages.pittedOrBurnedBusStabAt(names(pitted.places)),
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
      messages.twoConductorsUnderOneScrew,
    ),
    ...ifLooked(findings, 'water-signs', 'condensation-or-rust', 'rust-light', messages.condensationOrRust),
    ...(findings.openHoles > 0
      ? [
          sign(
            'open-hole',
            messages.recordedAsOpenWithoutAFiller(
              findings.openHoles,
              findings.openHoles === 1 ? messages.spaceIs : messages.spacesAre,
            ),
          ),
        ]
      : []),
  ];
}

function fromLegs({ legs, ratingAmps }: PanelFindings): SignFound[] {
  const whole = legs.filter(({ measured }) => atLeast(measured, LOAD_LIMITS.measuredShare));
  if (whole.length === 0) return [];
  const heavier = ({ amps }: FoundLegs) => Math.max(amps.A, amps.B);
  const say = ({ amps }: FoundLegs) => messages.legALegB(sayQuantity(amps.A, 'A'), sayQuantity(amps.B, 'A'));
  const signs: SignFound[] = [];
  const over = ratingAmps === null ? undefined : whole.find((one) => exceeds(heavier(one), ratingAmps));
  if (over)
    signs.push(
      sign(
        'leg-over-rating',
        messages.measuredRating(say(over), sayQuantity(ratingAmps!, 'A')),
        [],
        over.when,
      ),
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
      sign('legs-unequal-for-years', messages.firstReadingLatest(say(first), say(last)), [], last.when),
    );
  const newest = whole.reduce((a, b) => (b.when > a.when ? b : a));
  if (!isUnequal(newest) && !over)
    signs.push(sign('legs-balanced', messages.measured(say(newest)), [], newest.when));
  return signs;
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
            messages.trippedWithinMinutesOfEach(
              names(pair.map(({ at }) => at)),
              TIME_LIMITS.togetherSeconds / 60,
              together.length,
            ),
            pair.map(({ at }) => at),
            pair[1]!.when,
          ),
        ]
      : []),
    ...(tooLate.length > 0
      ? [
          sign(
            'did-not-open',
            messages.heldLongerThanAnySoundBreaker(names(tooLate.map(({ at }) => at))),
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
      messages.stillEnergizedWithTheMainOff,
      isMain,
    ),
    ...(dead
      ? [
          sign(
            'opens-as-it-should',
            messages.turnedOffAndMeasuredDead(names(dead.places)),
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
    ...ifLooked(findings, 'part-match', 'not-listed', 'unlisted-part', messages.breakerNotListedForThisPanel),
    ...(wrongBar && findings.isSubPanel
      ? [
          sign(
            'neutral-ground-in-sub-panel',
            messages.neutralOnTheWrongBarAt(names(wrongBar.places)),
            wrongBar.places,
            wrongBar.when,
          ),
        ]
      : []),
    ...ifLooked(findings, 'panel-age', 'over-40-years', 'over-40-years', messages.loggedAsMoreThan40Years),
    ...ifLooked(
      findings,
      'panel-age',
      'family-withdrawn',
      'family-withdrawn',
      messages.loggedAsAWithdrawnFamily,
    ),
    ...(findings.hasSingleMain ? [] : [sign('no-single-main', messages.recordedWithoutASingleMain)]),
    ...ifLooked(findings, 'water-signs', 'wet-now', 'damp', 'Wet'),
    ...(findings.freeSpaces === 0 ? [sign('full', messages.noFullSpaceIsFreeAccording)] : []),
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
      found.set(id, { sign: id, origin: messages.loggedAtThePanel, when, breakerIds: [], entryId });
  }
  const since = new Date(Date.parse(now) - TIME_LIMITS.inspectionDays * MS_A_DAY).toISOString();
  const stale = (one: SignFound) =>
    one.when !== null && one.when < since && panelSign(one.sign).bearing === 'clears';
  return [...found.values()].filter((one) => !stale(one));
}
