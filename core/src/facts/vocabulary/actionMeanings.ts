import type { ActionId } from './actions.ts';

/** What a finding means to whoever pays for it: why it is done, and what waiting risks. */
export interface ActionMeaning {
  why: string;
  waiting: string;
}

/** What each action means, in words for somebody who is no electrician. */
export const ACTION_MEANINGS: Record<ActionId, ActionMeaning> = {
  keep: {
    why: 'This breaker does what it is there for.',
    waiting: 'Nothing is at risk today.',
  },
  'complete-reset': {
    why: 'A breaker that tripped has to go all the way off before it can come back on.',
    waiting: 'What hangs on it stays without power.',
  },
  'reset-and-watch': {
    why: 'What made it trip is known and gone, so it may be switched on again, once.',
    waiting: 'What hangs on it stays without power. Nothing is at risk while it is off.',
  },
  'reset-other-device': {
    why: 'The breaker is fine: another protective device on the way has opened, as it should.',
    waiting: 'What hangs behind that device stays without power.',
  },
  'size-down': {
    why: 'The breaker is there to protect the wire. This one allows more current than the wire can carry.',
    waiting:
      'With enough plugged in, the wire overheats inside the wall and the breaker does not notice. That is how fires begin.',
  },
  'size-up': {
    why: 'Wire, terminals and load all allow a larger breaker; this one is smaller than it has to be.',
    waiting: 'It may trip when everything runs. Nothing is at risk.',
  },
  'split-circuit': {
    why: 'More hangs on this circuit than it can carry at once, so it is shared out over two.',
    waiting: 'It goes on tripping, and wire and breaker run warm whenever everything is on.',
  },
  rewire: {
    why: 'What hangs on it needs more than this wire can carry.',
    waiting: 'It goes on tripping when run for long. A larger breaker alone would overheat the wire.',
  },
  'replace-breaker': {
    why: 'The breaker itself is worn out or failing. A new one of the same rating, listed for this panel, takes its place.',
    waiting: 'It may trip for nothing, or give no power at all. At worst it does not trip when it must.',
  },
  'replace-breaker-and-remake-joint': {
    why: 'The joint at this breaker has overheated and damaged the breaker with it. Both are made new.',
    waiting: 'A hot joint burns itself worse with every hour of load, and then what lies beside it.',
  },
  'replace-panel': {
    why: 'It is not one breaker: the panel itself is failing, and no new breaker cures it.',
    waiting:
      'The damage goes on under load. Such a panel can burn, and its breakers may not open when they must.',
  },
  'replace-main': {
    why: 'The main shuts everything off in an emergency, and this one cannot be relied on.',
    waiting: 'Half the house may go dark, or nothing shuts the panel off when it has to be.',
  },
  'shed-load': {
    why: 'The breaker does its job: more was drawn than this circuit is made for.',
    waiting: 'It goes on tripping, and every trip wears the breaker.',
  },
  'repair-appliance': {
    why: 'Something that is plugged in or connected is faulty. The breaker only reports it.',
    waiting: 'The faulty appliance can give a shock or start a fire. Leave it unplugged.',
  },
  'repair-wiring': {
    why: 'The fault lies in the wiring, an outlet or a fixture, behind the breaker.',
    waiting:
      'Switched on, a fault in the wall can arc and burn out of sight. It stays off until it is found.',
  },
  'separate-conductors': {
    why: 'Two wires are held by a screw that is made for one. One of them is always held badly.',
    waiting: 'The loose one heats, burns its joint and then the breaker.',
  },
  'dry-and-inspect': {
    why: 'Damp has come into the panel. It rusts joints and makes breakers seize.',
    waiting: 'Rust goes on from the lugs to the bus; what is cleaned today is a new panel in some years.',
  },
  'cool-surroundings': {
    why: 'A breaker opens by heat. Where its place is hot, a sound one opens too early.',
    waiting: 'It goes on tripping on hot days; and everything in the panel ages faster.',
  },
  'call-utility': {
    why: 'The supply itself is not right, ahead of anything in this house.',
    waiting: 'Voltages that are too high or too low ruin appliances and can start fires in them.',
  },
  'remake-joint': {
    why: 'The breaker is fine. The wire under its screw makes poor contact, and heats.',
    waiting: 'Poor contact gets worse by itself. In the end joint and breaker both burn.',
  },
  'make-safe-and-call': {
    why: 'A sign of danger was found. It comes before everything else.',
    waiting: 'A fire or a shock is possible at any time.',
  },
  'repair-neutral': {
    why: 'Two circuits share a return wire that is broken or loose.',
    waiting: 'With it open, appliances can get up to twice their voltage. They burn out, or burn.',
  },
  'replace-device': {
    why: 'The lamp, switch, outlet or appliance at the end is dead. Breaker and wiring are fine.',
    waiting:
      'It stays dead. A burnt push-in connection is often behind it and can start a fire: have every outlet on the run checked.',
  },
  'wait-for-supply': {
    why: 'The supply is out. Nothing in this panel is wrong.',
    waiting: 'Machines may start by themselves when it returns. Switch them off until then.',
  },
  'correct-directory': {
    why: 'A different breaker feeds this circuit than the directory says.',
    waiting: 'Anyone who trusts the directory may work on live wires.',
  },
  'gather-more': {
    why: 'The record does not hold enough readings for a decision.',
    waiting: 'No finding so far is urgent. The condition stays unknown until the next test.',
  },
};
