/**
 * The fixed words of a diagnosis: causes, actions, tests and their outcomes. Ids never change; the
 * words shown to people are the interface's own.
 *
 * Level 0: look, listen, touch the closed cover. Level 1: plug-in tools or records, cover closed.
 * Level 2: cover off or a meter inside the panel, qualified persons only. `energised` tests are
 * diagnostic measurements on live parts; nothing is ever changed live. `danger` outcomes stop the
 * case by themselves.
 */
export const FAMILIES = ['reset', 'resize', 'replace', 'not-the-breaker', 'keep', 'need-more'] as const;
export type Family = (typeof FAMILIES)[number];

/** The highest level of test each profile is offered. */
export const PROFILE_LEVEL = { homeowner: 1, electrician: 2 } as const;
export type Profile = keyof typeof PROFILE_LEVEL;

/** Why a homeowner may not measure, look or log there. */
export const BEHIND_THE_COVER =
  'That lies behind the cover: a qualified electrician measures and looks there, not a homeowner.';

/** What may be wrong, in the vocabulary's order. */
export const CAUSES = {
  overload: 'connected loads draw more than the circuit is rated for, long enough to trip',
  'appliance-fault': 'a short or leakage inside something connected',
  'wiring-short': 'a short in the fixed wiring, an outlet box or a fixture',
  'ground-leakage':
    'current leaking to ground through damp or damaged insulation, seen by a ground-fault unit',
  'arcing-connection':
    'a loose or broken connection arcing somewhere on the circuit, seen by an arc-fault unit or as flicker',
  'electronic-unit-fault':
    'the electronics of a ground-fault or arc-fault breaker have failed or trip for nothing',
  'weak-breaker': 'opens below its rating: worn, pitted or out of calibration',
  'open-breaker': 'handle is on, no voltage comes out: contacts no longer close',
  'stuck-breaker': 'does not open when it must: welded or seized',
  'worn-mechanism': 'will not latch, feels hard or gritty, no clear click',
  'loose-terminal': "the conductor under the breaker's screw is loose or poorly made and heats up",
  'burnt-stab': 'the joint between breaker and bus is pitted, burnt or loose',
  'shared-terminal': 'two conductors under a terminal made for one',
  'oversized-breaker': "the breaker's rating exceeds what its conductor may carry",
  'undersized-breaker': 'the conductor and the fixed load call for a larger breaker than is fitted',
  'incomplete-reset':
    'tripped or half-tripped though it looks on, or never pushed fully off before on; includes one half of a linked pair',
  'downstream-device-tripped': 'a protected outlet or device further along has opened',
  'upstream-open': 'a feeder breaker, sub-panel feed or the main has opened',
  'open-wiring': 'a hot or neutral is open past the breaker: the breaker is fine',
  'supply-leg-lost': 'one of the two supply legs is dead up to the main',
  'open-neutral': 'the supply neutral is open or high-resistance: one leg rises while the other falls',
  'bus-failing':
    "the panel's bus or main lugs overheat, several circuits misbehave, or breakers trip their neighbours",
  moisture: 'condensation, rust or corrosion inside the panel',
  'motor-inrush': "a starting motor's surge reaches the magnetic trip",
  'hot-surroundings': 'heat from neighbours or the room lowers the trip point of a sound breaker',
  'supply-outage': "the utility's supply is out: the whole street or service is dead",
  'main-breaker-fault': 'a pole of the main, or the main itself, no longer closes or no longer opens',
  'shared-neutral-open':
    "the neutral of a multiwire circuit, or its joint on the panel's bar, is open: voltages on that pair swing",
  'device-failed': 'a lamp, switch, outlet or appliance is dead by itself; the circuit is fine',
  'miswired-protected-unit':
    'a ground-fault or arc-fault breaker newly fitted with its neutral on the wrong bar or shared with another circuit',
  'wrong-part': 'a breaker of another family or series that does not seat or clamp as it should',
  'wrong-breaker': 'another breaker than thought feeds this circuit: the directory is wrong',
  backfeed: 'another source feeds in: generator, solar, battery, a cord between two outlets',
  'neutral-ground-fault':
    'a neutral touches ground past a ground-fault or dual unit, or two neutrals are joined: it trips with no load and sound insulation from hot to ground',
  'no-fault': 'nothing is wrong now: what was noticed has passed, or was no fault',
} as const;
export type CauseId = keyof typeof CAUSES;

/** What may be done, with the family each action belongs to. */
export const ACTIONS = {
  'complete-reset': 'reset',
  'reset-and-watch': 'reset',
  'reset-other-device': 'reset',
  'size-down': 'resize',
  'size-up': 'resize',
  'split-circuit': 'resize',
  rewire: 'resize',
  'replace-breaker': 'replace',
  'replace-breaker-and-remake-joint': 'replace',
  'replace-panel': 'replace',
  'replace-main': 'replace',
  'shed-load': 'not-the-breaker',
  'repair-appliance': 'not-the-breaker',
  'repair-wiring': 'not-the-breaker',
  'separate-conductors': 'not-the-breaker',
  'dry-and-inspect': 'not-the-breaker',
  'cool-surroundings': 'not-the-breaker',
  'call-utility': 'not-the-breaker',
  'remake-joint': 'not-the-breaker',
  'make-safe-and-call': 'not-the-breaker',
  'repair-neutral': 'not-the-breaker',
  'replace-device': 'not-the-breaker',
  'wait-for-supply': 'not-the-breaker',
  'correct-directory': 'not-the-breaker',
  keep: 'keep',
  'gather-more': 'need-more',
} as const satisfies Record<string, Family>;
export type ActionId = keyof typeof ACTIONS;
