import { heatOf } from './heat.ts';
import type { SimulatedCase } from './simulatedCase.ts';
import { energised } from './wiring.ts';
import { withHandleOn } from './trial.ts';

/** Surfaces from here on burn hands and cook insulation, °C. */
const BURNS_C = 75;
const TOO_MANY_VOLTS = 128;

/** What is dangerous at this very moment, by what is so and not by what anybody saw. */
export function dangersOf(of: SimulatedCase): string[] {
  const { house, everything } = of;
  const on = withHandleOn(house);
  // What is shorted is thrown off by the breaker, not carried.
  const sound = on.subject.appliances.filter(({ shortOhms }) => shortOhms === Infinity);
  const carried = { ...everything, on: new Set(sound.map(({ name }) => name)) };
  const live = energised(on, carried);
  const heat = heatOf(on, carried, live);
  const found: string[] = [];
  if (Math.max(heat.screw, heat.stab, heat.bus) > BURNS_C) found.push('a joint in the panel burns');
  if (heat.outletJoint > BURNS_C + 20) found.push('a joint in an outlet burns');
  if (sparks(of)) found.push('it sparks in the panel');
  if (house.water === 'wet') found.push('the panel is wet');
  if (Math.max(live.outletVolts(2), swing(of)) > TOO_MANY_VOLTS) found.push('too many volts');
  if (house.subject.unit.welded || house.mainWelded) found.push('off, and still live');
  if (house.subject.shortOhms < 1) found.push('the wiring is shorted');
  if (house.subject.arcsPerMinute > 0) found.push(ARCS);
  return found;
}

/** The bus, the stab, or water between them. */
export const sparks = ({ house }: SimulatedCase): boolean =>
  house.busArcs || house.subject.unit.stabArcs || house.subject.unit.screwArcs || house.water === 'wet';

/** The most volts any other circuit sees as loads come and go. */
export function swing({ house, everything }: SimulatedCase): number {
  const on = withHandleOn(house);
  return Math.max(
    ...[everything, { ...everything, on: new Set<string>() }].map((moment) => {
      const live = energised(on, moment);
      return Math.max(...house.others.map((_one, i) => live.otherVolts(i)));
    }),
  );
}

const ARCS = 'a joint on the circuit arcs';

/**
 * Whether carrying on as before would leave somebody in danger: a danger as it stands, a hot or arcing joint, a
 * conductor that its breaker does not protect, a breaker that does not open, a neutral that is gone, a damp panel. An
 * arc that a working arc-fault unit cuts each time is a danger to be found, not one that goes on.
 */
export function isHazardous(of: SimulatedCase): boolean {
  const { house } = of;
  const { unit } = house.subject;
  const seesArcs = unit.kind === 'afci' || unit.kind === 'dual';
  return (
    dangersOf(of).some((danger) => danger !== ARCS || !seesArcs) ||
    unit.seized ||
    house.cause === 'oversized-breaker' ||
    house.cause === 'open-neutral' ||
    house.cause === 'shared-neutral-open' ||
    house.cause === 'loose-terminal' ||
    house.cause === 'burnt-stab' ||
    house.cause === 'bus-failing' ||
    house.cause === 'moisture'
  );
}
