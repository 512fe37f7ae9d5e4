import { VOLTAGE_LIMITS } from '../limits/index.ts';
import type { ActionId } from './actions.ts';

/** What a finding means to whoever pays for it: why it is done, and what waiting risks. */
export interface ActionMeaning {
  why: string;
  waiting: string;
}

/** What each action means, in words for somebody who is no electrician. */
export const ACTION_MEANINGS: Record<ActionId, ActionMeaning> = {
  keep: {
    why: 'This breaker works as it should.',
    waiting: 'Nothing is at risk today.',
  },
  'complete-reset': {
    why: 'A tripped breaker must be pushed fully off before it can be turned on again.',
    waiting: 'Everything on it stays without power.',
  },
  'reset-and-watch': {
    why: 'The cause of the trip is known and gone, so the breaker may be turned on once.',
    waiting: 'Everything on it stays without power. Nothing is at risk while it is off.',
  },
  'reset-other-device': {
    why: 'The breaker is fine. Another protective device on this circuit has tripped, as it should.',
    waiting: 'Everything downstream of that device stays without power.',
  },
  'size-down': {
    why: 'The breaker protects the wire. This breaker allows more current than the wire can carry.',
    waiting:
      'With enough load, the wire overheats inside the wall and the breaker does not trip. That can start a fire.',
  },
  'size-up': {
    why: 'The wire, terminals and load all allow a larger breaker. This one is smaller than necessary.',
    waiting: 'It may trip when everything runs. Nothing is at risk.',
  },
  'split-circuit': {
    why: 'This circuit has more load than it can carry at one time, so the load is split between two circuits.',
    waiting: 'It will keep tripping, and the wire and breaker run warm whenever everything is on.',
  },
  rewire: {
    why: 'The load needs more current than this wire can carry.',
    waiting: 'It will keep tripping after long use. A larger breaker alone would overheat the wire.',
  },
  'replace-breaker': {
    why: 'The breaker is worn out or failing. Replace it with a new one of the same rating, listed for this panel.',
    waiting: 'It may trip for no reason or have no output. At worst, it does not trip when it must.',
  },
  'replace-breaker-and-remake-joint': {
    why: 'The connection at this breaker overheated and damaged the breaker. Both must be renewed.',
    waiting: 'A hot connection gets worse with every hour of load, and then burns the parts next to it.',
  },
  'replace-panel': {
    why: 'The panel is failing, not just one breaker. New breakers do not fix it.',
    waiting: 'The damage gets worse under load. The panel can burn, and its breakers may fail to trip.',
  },
  'replace-main': {
    why: 'The main breaker shuts everything off in an emergency, and this one cannot be relied on.',
    waiting: 'Half of the house may lose power, or the panel cannot be shut off in an emergency.',
  },
  'shed-load': {
    why: 'The breaker does its job: the load was more than this circuit can supply.',
    waiting: 'It will keep tripping, and every trip wears the breaker.',
  },
  'repair-appliance': {
    why: 'Something plugged in or connected is faulty. The breaker only reacts to it.',
    waiting: 'The faulty appliance can shock someone or start a fire. Leave it unplugged.',
  },
  'repair-wiring': {
    why: 'The fault is in the wiring, an outlet or a fixture, downstream of the breaker.',
    waiting:
      'With the circuit on, a fault in the wall can arc and burn out of sight. Leave it off until the fault is found.',
  },
  'separate-conductors': {
    why: 'Two wires are under a screw made for one. One of them is always loose.',
    waiting: 'The loose wire heats up and burns its connection, then the breaker.',
  },
  'dry-and-inspect': {
    why: 'Moisture has entered the panel. It rusts connections and makes breakers seize.',
    waiting:
      'Corrosion spreads from the lugs to the bus. A cleaning today avoids a new panel in a few years.',
  },
  'cool-surroundings': {
    why: 'A breaker trips by heat. In a hot location, even a sound breaker trips too early.',
    waiting: 'It will keep tripping on hot days, and everything in the panel ages faster.',
  },
  'call-utility': {
    why: 'The supply is faulty, upstream of everything in this house.',
    waiting: 'Voltages that are too high or too low damage appliances and can start fires in them.',
  },
  'remake-joint': {
    why: 'The breaker is fine. The wire under its terminal has a poor connection and heats up.',
    waiting: 'A poor connection gets worse on its own. In the end, the connection and the breaker both burn.',
  },
  'make-safe-and-call': {
    why: 'This is a danger sign: deal with it before anything else.',
    waiting: 'A fire or a shock is possible at any time.',
  },
  'repair-neutral': {
    why: 'Two circuits share a neutral that is broken or loose.',
    waiting: `With the neutral open, ${VOLTAGE_LIMITS.nominal} V appliances can see up to ${2 * VOLTAGE_LIMITS.nominal} V. They can burn out or catch fire.`,
  },
  'replace-device': {
    why: 'The lamp, switch, outlet or appliance is dead. The breaker and wiring are fine.',
    waiting:
      'It stays dead. A burned push-in connection is a common cause and can start a fire: have every outlet on the run checked.',
  },
  'wait-for-supply': {
    why: 'The utility supply is out. Nothing in this panel is wrong.',
    waiting: 'Machines may start on their own when power returns. Turn them off until then.',
  },
  'correct-directory': {
    why: 'A different breaker feeds this circuit than the directory says.',
    waiting: 'Anyone who relies on the directory may work on live wires.',
  },
  'gather-more': {
    why: 'The record does not have enough readings for a decision.',
    waiting: 'No finding so far is urgent. The condition stays unknown until the next test.',
  },
};
