import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { gatherEvidence, type EvidenceInput } from '../evidence/index.ts';
import {
  aBreakerRecord,
  aCircuit,
  aDossier,
  aLoad,
  anEvent,
  anObservation,
  aReading,
  type BreakerRecordParts,
  runs,
  uuid,
} from '../../testing/index.ts';
import type { BreakerEvent } from '../../record/entities/index.ts';
import { DEFAULT_POLICIES } from '../../record/settings/index.ts';
import { ACTION_WORDS, type TestId, TESTS } from '../../facts/vocabulary/index.ts';
import { cautionsAt, cautionText, decide, decision, saySureness, wouldChange } from './index.ts';

const about = (subject: BreakerRecordParts, rest?: Partial<Omit<EvidenceInput, 'subject'>>) =>
  decide(gatherEvidence(aDossier(subject, rest)));

const cleanReset = anEvent('reset', 1, { feel: 'clean-clicks', result: 'holds' });
const legsAlive = [aReading('voltage', 'leg-a', 121, 3), aReading('voltage', 'leg-b', 120, 3)];
const nothingOut = aReading('voltage', 'load-terminal', 0.2, 3);
const cleanAndTight = anObservation('terminal-inspection', 'clean-and-tight', 20);
const coolToTouch = anObservation('panel-touch', 'cool', 20);
const early = (at: number) => anEvent('trip', at, { afterSeconds: 480, amps: 16 });
const neighbour = (n: number, surface: number) =>
  aBreakerRecord({
    breaker: { id: uuid(n), space: 2 * n + 1 },
    readings: [aReading('temperature', 'terminal', surface, 5), aReading('current', 'conductor', 12, 5)],
  });
const neighbours = { others: [neighbour(3, 33), neighbour(4, 34), neighbour(5, 32)] };
const loaded = (surface: number) => [
  aReading('temperature', 'terminal', surface, 5),
  aReading('current', 'conductor', 12, 5),
];

describe('replace', () => {
  test('on, fully reset, line side alive, nothing comes out', () => {
    const d = about({ events: [cleanReset], readings: [nothingOut, ...legsAlive] });
    expect(d).toMatchObject({ action: 'replace-breaker', family: 'replace' });
    const own = d.reasons.find(({ code }) => code === 'load-terminal-voltage:zero');
    expect(own!.figures).toEqual([{ label: 'load terminal', value: 0.2, unit: 'V', limit: 110 }]);
  });

  test('each of its three legs is asked for when it is missing', () => {
    const neverReset = about({ readings: [nothingOut, ...legsAlive] });
    expect(neverReset.family).toBe('need-more');
    expect(neverReset.next.map((n) => n.test)).toContain('reset-feel');
    const noSupplyRead = about({ events: [cleanReset], readings: [nothingOut] });
    expect(noSupplyRead).toMatchObject({ family: 'need-more' });
    expect(noSupplyRead.next.map((n) => n.test)).toContain('power-loss-extent');
    const deadLeg = [aReading('voltage', 'leg-a', 0, 3), aReading('voltage', 'leg-b', 120, 3)];
    expect(about({ events: [cleanReset], readings: [nothingOut, ...deadLeg] }).action).toBe('call-utility');
  });

  test('one dead pole of a two-pole breaker', () => {
    const readings = [
      aReading('voltage', 'load-terminal', 120, 3),
      aReading('voltage', 'load-terminal-2', 1, 3),
      ...legsAlive,
    ];
    const pair = { breaker: { poles: 2 as const }, events: [cleanReset], readings };
    expect(about(pair).family).not.toMatch(/keep|reset/);
    // Both legs leave the main and nothing else is dead: the pole.
    const behindMain = [
      anObservation('main-load-side-voltage', 'both-normal', 4),
      anObservation('power-loss-extent', 'one-circuit', 4),
    ];
    expect(about({ ...pair, observations: behindMain }).action).toBe('replace-breaker');
  });

  test('a standard breaker, too early, joints clean and cool; twice is surer than once', () => {
    const once = about({ events: [early(10)], observations: [cleanAndTight, coolToTouch] });
    const twice = about({ events: [early(5), early(65)], observations: [cleanAndTight, coolToTouch] });
    expect(once.action).toBe('replace-breaker');
    expect(twice.confidence).toBeGreaterThan(once.confidence);
    expect(once.reasons[0]!.source).toMatch(/UL 489/);
  });

  test('the same on an electronic breaker: the circuit first', () => {
    for (const kind of ['gfci', 'afci', 'dual'] as const) {
      const d = about({ breaker: { kind }, events: [early(10)], observations: [cleanAndTight, coolToTouch] });
      expect(d.family).toBe('need-more');
    }
  });

  test('too early with the joint unknown asks for the joint, with a hot joint remakes it', () => {
    expect(about({ events: [early(10)] }).next.map((n) => n.test)).toContain('terminal-inspection');
    const loose = anObservation('terminal-inspection', 'loose', 20);
    expect(about({ events: [early(10)], observations: [loose] }).action).toBe('remake-joint');
  });

  test('a joint more than 15 °C over its peers', () => {
    const d = about({ readings: loaded(58) }, neighbours);
    expect(d.action).toBe('replace-breaker-and-remake-joint');
    expect(d.reasons[0]!.figures).toContainEqual({
      label: 'above similar breakers',
      value: 25,
      unit: 'Δ°C',
      limit: 15,
    });
    expect(about({ readings: loaded(34) }, neighbours).family).not.toBe('replace');
  });

  test('a mechanism that is gritty, or a test button that is dead; not a latch that a short may hold open', () => {
    expect(about({ events: [anEvent('reset', 1, { feel: 'hard-or-gritty' })] }).action).toBe(
      'replace-breaker',
    );
    const button = [anObservation('test-button', 'does-not-trip')];
    expect(about({ breaker: { kind: 'gfci' }, observations: button }).action).toBe('replace-breaker');
    const latch = { feel: 'will-not-latch' as const };
    expect(about({ events: [anEvent('reset', 1, latch)] }).family).toBe('need-more');
    // With everything unplugged it may still be a short: the wiring is cleared before the breaker is condemned.
    const unplugged = about({ events: [anEvent('reset', 1, { ...latch, unplugged: true })] });
    expect(unplugged.family).not.toMatch(/replace|reset|keep/);
    expect(unplugged.next[0]!.test).toBe('insulation-resistance');
  });

  test('the main is replaced by another road', () => {
    const main = { role: 'main' as const, space: null, poles: 2 as const };
    const readings = [aReading('voltage', 'load-terminal', 0, 3), ...legsAlive];
    expect(about({ breaker: main, events: [cleanReset], readings }).action).toBe('replace-main');
  });

  test('what was seen at the terminal', () => {
    const seen = (outcome: string) =>
      about({ observations: [anObservation('terminal-inspection', outcome)] }).action;
    expect(seen('two-wires-one-terminal')).toBe('separate-conductors');
    expect(seen('loose')).toBe('remake-joint');
    expect(seen('corroded')).toBe('dry-and-inspect');
    expect(seen('discoloured-or-melted')).toBe('replace-breaker-and-remake-joint');
    // One burnt stab does not condemn a panel.
    const stab = about({ observations: [anObservation('stab-inspection', 'pitted-or-burnt')] });
    expect(stab.action).toBe('replace-breaker-and-remake-joint');
  });

  test('a joint 3 to 15 °C over its peers is remade when possible', () => {
    expect(about({ readings: loaded(42) }, neighbours).action).toBe('remake-joint');
  });

  test('far too late to trip', () => {
    expect(about({ events: [anEvent('trip', 1, { afterSeconds: 400, amps: 60 })] }).action).toBe(
      'replace-breaker',
    );
  });
});

describe('reset', () => {
  const removed = anEvent('trip', 0, { pace: 'minutes', cause: 'known-removed' });

  test('cause known and removed, latches, cool', () => {
    const d = about({ events: [removed, cleanReset], observations: [coolToTouch] });
    expect(d).toMatchObject({ action: 'reset-and-watch', family: 'reset' });
    expect(d.confidence).toBeGreaterThanOrEqual(0.85);
  });

  test('never pushed fully off: all the way, once', () => {
    const noOff = anEvent('reset', 1, { feel: 'no-off-click', power: 'still-dead' });
    const gives = anObservation('handle-finger-test', 'gives', 2);
    expect(about({ events: [noOff], observations: [gives] }).action).toBe('complete-reset');
  });

  test('fully reset and still dead: follow the voltage, not the handle', () => {
    const d = about({ events: [{ ...cleanReset, power: 'still-dead' }] });
    expect(d.next.map((n) => n.test)).toEqual(
      expect.arrayContaining(['power-loss-extent', 'downstream-device']),
    );
    expect(d.family).toBe('need-more');
  });

  test('a snap with things plugged in: unplug, then one reset', () => {
    const d = about({ events: [anEvent('trip', 1, { pace: 'at-once' })] });
    expect(d.next.map((n) => n.test)).toEqual(
      expect.arrayContaining(['sound', 'smell', 'reset-result-unplugged']),
    );
  });

  test('tripped, nobody knows why: look, listen and smell before the one trial', () => {
    const d = about({ events: [anEvent('trip', 1, { pace: 'seconds' })] });
    expect(d.headline).toBe('Find out why it tripped');
    expect(d.next.map((n) => n.test).slice(0, 2)).toEqual(['sound', 'smell']);
    expect(d.next.map((n) => n.test)).toContain('reset-result-unplugged');
  });

  test('a known cause that is still there goes first', () => {
    const d = about({ events: [anEvent('trip', 1, { pace: 'minutes', cause: 'known-present' })] });
    expect(d.headline).toBe('Remove the known cause first, then reset');
  });

  describe('the limit of trials', () => {
    const again = (n: number, pace: 'at-once' | 'minutes', unplugged = false) =>
      anEvent('reset', n, { result: 'tripped', pace, unplugged });
    const enough = (events: BreakerEvent[], policies = DEFAULT_POLICIES) =>
      about({ events }, { policies }).headline.startsWith('No more resets');
    const first = anEvent('trip', 1, { pace: 'minutes' });
    const snap = anEvent('trip', 1, { pace: 'at-once' });

    test('two otherwise: after the second reset that tripped again no more are offered', () => {
      expect([
        enough([first, again(2, 'minutes')]),
        enough([first, again(2, 'minutes'), again(3, 'minutes')]),
      ]).toEqual([false, true]);
      const d = about({ events: [first, again(2, 'minutes'), again(3, 'minutes')] });
      expect(d.next.map(({ test: id }) => id)).not.toContain('reset-result-unplugged');
      expect(cautionsAt(d, 'first').join(' ')).toMatch(/Do not reset it again/);
    });

    test('one into a suspected short circuit, and then one with everything unplugged is still allowed', () => {
      expect(enough([snap, again(2, 'at-once')])).toBe(false);
      expect(enough([snap, again(2, 'at-once'), again(3, 'at-once')])).toBe(true);
    });

    test('another policy allows more, or fewer', () => {
      const events = [first, again(2, 'minutes')];
      expect(enough(events, { ...DEFAULT_POLICIES, trialsOtherwise: 1 })).toBe(true);
      const three = [...events, again(3, 'minutes')];
      expect(enough(three, { ...DEFAULT_POLICIES, trialsOtherwise: 3 })).toBe(false);
    });

    test('a reset that holds begins the count anew', () => {
      const held = anEvent('reset', 4, { result: 'holds', feel: 'clean-clicks' });
      const events = [
        first,
        again(2, 'minutes'),
        again(3, 'minutes'),
        held,
        anEvent('trip', 5, { pace: 'minutes' }),
      ];
      expect(enough(events)).toBe(false);
    });

    test('the caution says what the policy allows', () => {
      const caution = (into: number, otherwise: number) =>
        cautionText('reset', { ...DEFAULT_POLICIES, trialsIntoShort: into, trialsOtherwise: otherwise });
      expect(caution(1, 2)).toMatch(/At most one trial into a suspected short circuit, two otherwise\./);
      expect(caution(2, 2)).toMatch(/At most two trials\. Then stop and find the cause\./);
    });
  });

  test('not while it is warm', () => {
    expect(about({ events: [removed], observations: [anObservation('panel-touch', 'warm', 2)] }).family).toBe(
      'need-more',
    );
  });

  test('a new trip after it asks again', () => {
    expect(about({ events: [removed, cleanReset, anEvent('trip', 5, { pace: 'at-once' })] }).family).toBe(
      'need-more',
    );
  });
});

describe('what the bench says', () => {
  const trip = (at: number, amps: number, afterSeconds: number) =>
    anEvent('trip', at, { amps, afterSeconds });
  const held = (at: number, amps: number, hours: number) =>
    anEvent('no-trip', at, { amps, afterSeconds: hours * 3600 });
  const reasonOf = (d: ReturnType<typeof about>) => d.reasons.find(({ code }) => code === 'effective-rating');

  test('its figure and its weight stand among the reasons of a replacement', () => {
    const d = about({ events: [early(10), held(100, 11, 3)], observations: [cleanAndTight, coolToTouch] });
    expect(d.action).toBe('replace-breaker');
    expect(reasonOf(d)).toMatchObject({
      weight: 3,
      figures: [{ label: 'lowest steady current that trips it', unit: 'A' }],
    });
    expect(reasonOf(d)!.text).toMatch(/it trips from [\d.]+ A steady .* sure that it trips below its rating/);
    expect(reasonOf(d)!.figures[0]!.value).toBeLessThan(18);
  });

  test('a weak record asks for the joint first, even where each trip by itself could be a sound breaker’s', () => {
    // One in doubt for the unit is a quick sound one; that all of them together would be is another matter.
    const events = [trip(0, 22, 70), trip(100, 22, 75), trip(200, 30, 35), trip(300, 30, 33)];
    const evidence = gatherEvidence(aDossier({ events }));
    expect(evidence.trips.map(({ verdict }) => verdict)).not.toContain('too-early');
    expect(evidence.estimate!.rating.judgement).toBe('weak');
    const d = decide(evidence);
    expect(d.family).toBe('need-more');
    expect(d.next.map(({ test: id }) => id)).toContain('terminal-inspection');
    expect(about({ events, observations: [cleanAndTight, coolToTouch] }).action).toBe('replace-breaker');
    const hot = anObservation('panel-touch', 'warm', 400);
    expect(about({ events, observations: [hot] }).family).toBe('need-more');
  });

  test('one odd note against a record that says sound condemns nothing', () => {
    const sound = [
      held(100, 21, 3),
      held(300, 20.5, 2),
      held(500, 21, 3),
      trip(700, 29, 150),
      trip(800, 28, 180),
    ];
    expect(gatherEvidence(aDossier({ events: [early(10), ...sound] })).estimate!.rating.judgement).toBe(
      'sound',
    );
    expect(
      about({ events: [early(10), ...sound], observations: [cleanAndTight, coolToTouch] }).family,
    ).not.toBe('replace');
  });

  test('a breaker that carries for hours what no sound one does is replaced', () => {
    const d = about({ events: [held(10, 33, 1), held(200, 35, 1)] });
    expect(d.action).toBe('replace-breaker');
    expect(reasonOf(d)!.text).toMatch(/sure that it fails to trip when it must/);
  });

  test('a record that says sound is one of the counts to keep it', () => {
    const voltage = aReading('voltage', 'outlet', 119, 900);
    const relief = aReading('current', 'plug', 9, 900);
    const holds = anEvent('reset', 420, { feel: 'clean-clicks', result: 'holds' });
    const events = [held(100, 21, 3), trip(400, 28, 150), holds, held(800, 21, 3)];
    const d = about({ events, readings: [voltage, relief] });
    expect(d.action).toBe('keep');
    expect(reasonOf(d)!.weight).toBe(2);
    expect(d.confidence).toBeGreaterThan(about({ readings: [voltage, relief] }).confidence);
  });

  test('trips of electronic breakers are not thermal', () => {
    const d = about({ breaker: { kind: 'gfci' }, events: [early(10), early(100)] });
    expect(reasonOf(d)).toBeUndefined();
  });
});

describe('a sign whose own question has been answered', () => {
  const bare = anEvent('reset', 1, {
    feel: 'hard-or-gritty',
    result: 'tripped',
    pace: 'at-once',
    unplugged: true,
  });

  test('bare it snaps: the wiring; with its wire lifted too: the breaker', () => {
    // A gritty handle explains it as well as a short does: the wiring is cleared first.
    expect(about({ events: [bare] })).toMatchObject({ family: 'need-more', hazard: { level: 'restrict' } });
    const shorted = [anObservation('insulation-resistance', 'near-zero', 2)];
    expect(about({ events: [bare], observations: shorted }).stop.active).toBe(true);
    const lifted = [anObservation('load-wire-lifted', 'trips', 2)];
    expect(about({ events: [bare], observations: lifted }).action).toBe('replace-breaker');
  });

  test('a handle that gives is reset all the way, but not once more where that was done and it tripped', () => {
    const gives = anObservation('handle-finger-test', 'gives', 1);
    const dead = anObservation('power-loss-extent', 'one-circuit', 0);
    const noOff = anObservation('reset-feel', 'no-off-click', 1);
    expect(about({ observations: [dead, gives, noOff] }).action).toBe('complete-reset');
    const tried = [
      gives,
      anObservation('reset-feel', 'clean-clicks', 2),
      anObservation('reset-result', 'trips-at-once', 2),
    ];
    expect(about({ observations: tried }).action).toBe('gather-more');
  });

  test('a GFCI breaker’s circuit is looked at first, until an appliance trips elsewhere too', () => {
    const breaker = { kind: 'gfci' } as const;
    const trip = [anEvent('trip', 1, { pace: 'seconds' })];
    expect(about({ breaker, events: trip }).family).toBe('need-more');
    const tried = [
      anObservation('reset-result-unplugged', 'holds', 2),
      anObservation('appliance-check', 'trips-there-too', 3),
    ];
    expect(about({ breaker, events: trip, observations: tried }).action).toBe('repair-appliance');
  });
});

describe('after dead shorts', () => {
  const short = (at: number) => anEvent('trip', at, { pace: 'at-once', cause: 'known-removed' });
  const holds = (at: number) => anEvent('reset', at, { feel: 'clean-clicks', result: 'holds' });
  const by = (afterDeadShort: 'each' | 'second' | 'signs', events: BreakerEvent[]) =>
    about({ events }, { policies: { ...DEFAULT_POLICIES, afterDeadShort } });

  test.each([
    ['each', 'replace-breaker', 'replace-breaker'],
    ['second', 'reset-and-watch', 'replace-breaker'],
    ['signs', 'reset-and-watch', 'reset-and-watch'],
  ] as const)('the policy “%s” says %s after one, %s after two', (policy, afterOne, afterTwo) => {
    expect(by(policy, [short(1), holds(5)]).action).toBe(afterOne);
    expect(by(policy, [short(1), holds(5), short(50), holds(55)]).action).toBe(afterTwo);
  });

  test('while the short stands it comes first, and the breaker beside it', () => {
    const standing = anEvent('trip', 50, { pace: 'at-once' });
    const d = by('second', [short(1), holds(5), standing]);
    expect(d).toMatchObject({ family: 'need-more', hazard: { level: 'repair' } });
    expect(d.also.map(({ action }) => action)).toContain('replace-breaker');
    expect(
      by('second', [
        short(1),
        standing,
        anEvent('reset', 51, { result: 'tripped', pace: 'at-once', unplugged: true }),
      ]).action,
    ).toBe('make-safe-and-call');
  });
});

describe('parts and surge breakers', () => {
  test('a part that the label does not list is a finding; one that it lists besides is none', () => {
    const label = { id: uuid(900), name: 'Main panel', family: 'Orrin S', alsoListed: ['Tarnfield'] };
    const decided = (family: string) => about({ breaker: { family } }, { panel: label });
    expect(decided('Kestle')).toMatchObject({
      family: 'replace',
      headline: 'Replace it with a breaker listed for this panel',
    });
    expect(decided('Kestle').reasons[0]!.text).toMatch(
      /Kestle is not listed for this panel \(Orrin S, Tarnfield\)/,
    );
    expect(decided('Tarnfield').family).toBe('need-more');
    expect(decided('').family).toBe('need-more');
  });

  test('a surge protector is judged by its lamp, not by load; a danger sign stops it all the same', () => {
    const surge = { breaker: { kind: 'surge' as const } };
    expect(about(surge).headline).toMatch(/^Check the indicator light/);
    const hot = about({ ...surge, observations: [anObservation('panel-touch', 'hot', 2)] });
    expect(hot.stop.active).toBe(true);
  });
});

describe('resize', () => {
  const thin = aCircuit({ conductor: { gauge: '14', material: 'copper', insulationC: 90, cable: 'nm' } });

  test('a breaker above the largest permitted goes down, whatever else is true', () => {
    const others: BreakerRecordParts[] = [
      {},
      { events: [early(10)], observations: [cleanAndTight, coolToTouch] },
      { events: [cleanReset], readings: [nothingOut, ...legsAlive] },
      { observations: [anObservation('sound', 'sizzle-or-crackle')] },
      { readings: [aReading('current', 'conductor', 26)] },
    ];
    for (const parts of others) {
      const d = about({ ...parts, circuit: thin });
      // A stop comes first, and the smaller breaker is told beside it.
      if (d.stop.active) expect(d.also.map(({ action }) => action)).toContain('size-down');
      else expect(d).toMatchObject({ action: 'size-down', family: 'resize', toAmps: 15 });
    }
  });

  test('to the interim rating where the load does not fit either', () => {
    const load = aLoad({ id: uuid(700), name: 'Heater', watts: 2200 });
    const d = about({ circuit: { ...thin, loads: [load] } });
    expect(d).toMatchObject({ action: 'size-down', toAmps: 15 });
    expect(d.headline).toMatch(/larger conductor/);
  });

  test('a load that this circuit can never carry: split, or a larger conductor', () => {
    const load = (id: number, watts: number) =>
      aLoad({ id: uuid(id), name: 'Heater', watts, continuous: true });
    expect(about({ circuit: aCircuit({ loads: [load(1, 1300), load(2, 1300)] }) }).action).toBe(
      'split-circuit',
    );
    expect(about({ circuit: aCircuit({ loads: [load(1, 2600)] }) }).action).toBe('rewire');
  });

  test('a danger sign still stops, beside the finding', () => {
    const d = about({ circuit: thin, observations: [anObservation('smell', 'hot-plastic')] });
    expect(d.stop.active).toBe(true);
    expect(d.action).toBe('make-safe-and-call');
    expect(d.also.map((a) => a.action)).toContain('size-down');
  });

  test('a larger breaker is never the answer to a trip', () => {
    const ten = aCircuit({
      conductor: { gauge: '10', material: 'copper', insulationC: 90, cable: 'nm' },
      portableReceptacles: false,
      loads: [aLoad({ id: uuid(701), name: 'Heater', watts: 2600 })],
    });
    expect(about({ circuit: ten }).action).toBe('size-up');
    const tripped = about({ circuit: ten, events: [anEvent('trip', 1, { pace: 'minutes', amps: 25 })] });
    expect(tripped.action).toBe('shed-load');
    expect(tripped.also.map((a) => a.action)).not.toContain('size-up');
  });
});

describe('not the breaker', () => {
  const snap = (at: number) => anEvent('trip', at, { pace: 'at-once', unplugged: true });

  test('trips at once with everything unplugged: stop resetting; the second time stop altogether', () => {
    const once = about({ events: [snap(1)] });
    expect(once).toMatchObject({
      action: 'repair-wiring',
      family: 'not-the-breaker',
      stop: { active: false },
    });
    expect(cautionsAt(once, 'first').join()).toMatch(/Do not reset it again/);
    expect(about({ events: [snap(1), snap(2)] }).stop.active).toBe(true);
  });

  test('load over the rating for long', () => {
    const d = about({
      readings: [aReading('current', 'conductor', 24)],
      events: [anEvent('trip', 1, { afterSeconds: 1500, amps: 25 })],
    });
    expect(d).toMatchObject({ action: 'shed-load', family: 'not-the-breaker' });
    expect(d.steps[0]).toBe('Remove at least 4 A from this circuit.');
  });

  test('a protected breaker that carried more than its rating for long did its work too', () => {
    const events = [anEvent('trip', 1, { pace: 'minutes', amps: 26 })];
    expect(about({ breaker: { kind: 'gfci' }, events }).action).toBe('shed-load');
  });

  test('a load within the rating, measured after the trip, lifts it', () => {
    const events = [
      anEvent('trip', 1, { afterSeconds: 1500, amps: 25 }),
      anEvent('reset', 30, { feel: 'clean-clicks', result: 'holds' }),
    ];
    expect(about({ events }).action).toBe('shed-load');
    const readings = [aReading('current', 'conductor', 12, 60), aReading('voltage', 'outlet', 119, 60)];
    expect(about({ events, readings }).action).toBe('keep');
  });

  test('a protected outlet further on that opened', () => {
    const observations = [anObservation('downstream-device', 'tripped')];
    expect(about({ observations, readings: [aReading('voltage', 'outlet', 0)] }).action).toBe(
      'reset-other-device',
    );
  });

  test('voltage at the load terminal and none at the outlet', () => {
    const readings = [aReading('voltage', 'load-terminal', 120), aReading('voltage', 'outlet', 0)];
    expect(about({ readings }).next[0]!.test).toBe('downstream-device');
    const none = [anObservation('downstream-device', 'none-found', 9)];
    expect(about({ readings, observations: none }).action).toBe('repair-wiring');
  });
});

describe('stop', () => {
  const signs: BreakerRecordParts[] = [
    { observations: [anObservation('sound', 'sizzle-or-crackle')] },
    { observations: [anObservation('smell', 'hot-plastic')] },
    { observations: [anObservation('water-signs', 'wet-now')] },
    { readings: [aReading('voltage', 'leg-a', 131), aReading('voltage', 'leg-b', 109)] },
    {
      events: [anEvent('handle', 0, { position: 'off' })],
      readings: [aReading('voltage', 'load-terminal', 119, 1)],
    },
  ];

  test.each(signs)('danger sign %#: leave it off, and whom to call', (parts) => {
    const d = about({
      ...parts,
      events: [...(parts.events ?? []), anEvent('trip', -5, { pace: 'minutes', cause: 'known-removed' })],
    });
    expect(d.stop.active).toBe(true);
    expect(d.stop.call).toMatch(/^Call /);
    expect(d.stop.doNow.length).toBeGreaterThan(0);
    expect(d.action).toBe('make-safe-and-call');
  });

  test('a sign that was looked at again and is gone no longer stops', () => {
    const observations = [
      anObservation('sound', 'sizzle-or-crackle', 0),
      anObservation('sound', 'quiet', 60),
    ];
    expect(about({ observations }).stop.active).toBe(false);
  });

  test('a danger at the main stops every breaker behind it that is not measured sound', () => {
    const main = aBreakerRecord({
      breaker: { id: uuid(9), role: 'main', space: null },
      observations: [anObservation('water-signs', 'wet-now')],
    });
    const d = about({}, { main });
    expect(d.stop).toMatchObject({ isElsewhere: true, reasons: [expect.stringMatching(/^At the main/)] });
    const readings = [aReading('voltage', 'outlet', 119), aReading('current', 'plug', 9)];
    expect(about({ readings }, { main })).toMatchObject({
      action: 'keep',
      hazard: { level: 'none' },
      panelHazard: { level: 'stop', scope: 'panel' },
    });
  });
});

test('nothing that is judged is said to be quite sure', () => {
  expect([saySureness(1), saySureness(0.9996), saySureness(0.42)]).toEqual(['99%', '99%', '42%']);
});

describe('what is off and still live', () => {
  const d = about({
    readings: [aReading('voltage', 'load-terminal', 119, 5)],
    events: [anEvent('handle', 0, { position: 'off' })],
  });

  test('is a stop, and nobody is told to search by trying handles', () => {
    expect(d.stop.active).toBe(true);
    const told = [...d.stop.doNow, ...d.steps].join(' ');
    expect(told).toMatch(/Do not rely on this handle/);
    expect(told).not.toMatch(/one at a time|[Ff]ind the (one|breaker)/);
    expect(told.indexOf('another breaker')).toBeLessThan(told.indexOf('another source'));
  });

  test('a directory is written anew by an electrician', () => {
    expect(ACTION_WORDS['correct-directory'].forElectrician).toBe(true);
  });
});

describe('keep and measure next', () => {
  test('nothing to go by: what to look at first, cover closed', () => {
    const d = about({});
    expect(d).toMatchObject({ action: 'gather-more', family: 'need-more' });
    expect(d.next[0]!.test).toBe('sound');
    expect(d.next.every((n) => n.level < 2 || n.test === 'conductor-vs-breaker')).toBe(true);
  });

  test('measured sound on two counts is kept; a trip without a reset is not', () => {
    const readings = [aReading('voltage', 'outlet', 119), aReading('current', 'plug', 9)];
    expect(about({ readings }).action).toBe('keep');
    expect(about({ readings, events: [anEvent('trip', 5, { pace: 'seconds' })] }).action).not.toBe('keep');
  });

  test('what was measured before somebody found it dead does not keep it; what was measured after does', () => {
    const dead = anObservation('power-loss-extent', 'one-circuit', 60);
    const measured = (at: number) => [
      aReading('voltage', 'outlet', 119, at),
      aReading('current', 'plug', 9, at),
    ];
    expect(about({ observations: [dead], readings: measured(0) }).action).not.toBe('keep');
    expect(about({ observations: [dead], readings: measured(90) }).action).toBe('keep');
  });

  test('a struck reading no longer counts', () => {
    const struck = { at: '2026-10-02T00:00:00.000Z', why: 'wrong breaker', replacedBy: null };
    const readings = [aReading('voltage', 'outlet', 119), aReading('current', 'plug', 9, 0, { struck })];
    expect(about({ readings }).action).toBe('gather-more');
  });
});

test('a decision that nothing weighs much for still tells what it rests on', () => {
  const d = about({
    breaker: { kind: 'gfci' },
    observations: [anObservation('test-button', 'will-not-reset')],
    events: [anEvent('trip', 0, { pace: 'seconds' }), anEvent('trip', 0, { pace: 'hours', unplugged: true })],
  });
  expect(d.reasons).not.toEqual([]);
});

describe('laws over random evidence', () => {
  const anyObservation = fc
    .constantFrom(...(Object.keys(TESTS) as TestId[]))
    .chain((t) =>
      fc.tuple(fc.constant(t), fc.constantFrom(...TESTS[t].outcomes), fc.integer({ min: 0, max: 500 })),
    )
    .map(([t, outcome, at]) => anObservation(t, outcome, at));
  const anyTrip = fc
    .record({
      at: fc.integer({ min: 0, max: 500 }),
      pace: fc.constantFrom('at-once' as const, 'seconds' as const, 'minutes' as const, 'hours' as const),
      amps: fc.option(fc.double({ min: 0, max: 400, noNaN: true })),
      unplugged: fc.boolean(),
      cause: fc.constantFrom('unknown' as const, 'known-removed' as const),
    })
    .map(({ at, ...rest }) => anEvent('trip', at, rest));
  const parts = fc.record({
    breaker: fc.record({
      kind: fc.constantFrom('standard' as const, 'gfci' as const, 'dual' as const),
      ratingAmps: fc.constantFrom(15, 20, 30),
    }),
    circuit: fc.constantFrom(
      null,
      aCircuit(),
      aCircuit({ conductor: { gauge: '14', material: 'copper', insulationC: 60, cable: 'nm' } }),
    ),
    observations: fc.array(anyObservation, { maxLength: 8 }),
    events: fc.array(anyTrip, { maxLength: 5 }),
  });

  test('a decision is always whole; a stop never goes with a reset; a trip never with a larger breaker', () => {
    fc.assert(
      fc.property(parts, (p) => {
        const d = about(p);
        expect(decision.parse(d)).toEqual(d);
        expect(d.reasons.length).toBeGreaterThan(0);
        expect(d.headline).not.toBe('');
        expect([...d.reasons].sort((a, b) => b.weight - a.weight)).toEqual(d.reasons);
        if (d.stop.active) expect(d.family).not.toMatch(/^(reset|keep)$/);
        if (p.events.length > 0) expect([d.action, ...d.also.map((a) => a.action)]).not.toContain('size-up');
      }),
      { numRuns: runs(150, 500) },
    );
  });
});

describe('what a test would change', () => {
  const subject = { readings: loaded(58) };
  const evidence = gatherEvidence(aDossier(subject, neighbours));
  const stands = decide(evidence);
  const changes = wouldChange(evidence, stands);

  test('it is what is decided once the test is logged and came out so', () => {
    expect(Object.keys(changes)).toEqual(stands.next.map((next) => next.test));
    const told = Object.entries(changes).flatMap(([test, list]) =>
      list.map((one) => ({ test: test as TestId, ...one })),
    );
    expect(told.length).toBeGreaterThan(0);
    for (const { test, outcome, action, headline } of told) {
      if (TESTS[test].level === 1) continue;
      const after = about({ ...subject, observations: [anObservation(test, outcome, 60)] }, neighbours);
      expect([test, outcome, after.action, after.headline]).toEqual([test, outcome, action, headline]);
    }
  });

  test('an outcome that changes nothing is not told, nor one that this breaker cannot show', () => {
    for (const list of Object.values(changes))
      for (const { action, headline } of list)
        expect([action, headline]).not.toEqual([stands.action, stands.headline]);
  });
});

test('where its trips alone say weak and a hot joint is likelier, the reason says why they differ', () => {
  const trips = [0, 200, 400].map((at) => anEvent('trip', at, { afterSeconds: 900, amps: 15 }));
  const loose = anObservation('terminal-inspection', 'loose', 500);
  const { reasons } = about({ events: trips, observations: [loose] });
  const own = reasons.find(({ code }) => code === 'effective-rating');
  expect(own?.text).toMatch(/sure that it trips below its rating/);
  expect(own?.text).toMatch(
    /With everything else on record it is \d+%: “.+” also makes a sound breaker trip early\./,
  );
});
