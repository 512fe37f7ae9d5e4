import type { ActionId } from './actions.ts';

interface ActionWords {
  headline: string;
  steps: string[];
  forElectrician: boolean;
}

const byAnybody = (headline: string, ...steps: string[]): ActionWords => ({
  headline,
  steps,
  forElectrician: false,
});
const byElectrician = (headline: string, ...steps: string[]): ActionWords => ({
  headline,
  steps,
  forElectrician: true,
});

const WATCH =
  'After half an hour under load feel its face with the back of your hand. Then watch it for two weeks.';
const BACK =
  'Come back here if it trips without a reason you know, gets hot, smells, crackles, or the lights flicker.';
/** It has been reset, and it holds. */
export const WATCH_IT = { headline: 'It holds: watch it', steps: [WATCH, BACK] } as const;

/** What each action is called and how it is done, in order. */
export const ACTION_WORDS: Record<ActionId, ActionWords> = {
  keep: byAnybody('Keep it in service', 'Nothing to do now. Log the next reading at the next maintenance.'),
  'complete-reset': byAnybody(
    'Reset it, all the way',
    'Switch off or unplug what runs on this circuit.',
    'Push the handle all the way to off until it clicks, then to on until it clicks.',
    'Log what happens. One trial, then think.',
  ),
  'reset-and-watch': byAnybody(
    'Reset it and watch',
    'Push the handle fully off, then on, once.',
    'Turn the loads back on one at a time.',
    WATCH,
    BACK,
  ),
  'reset-other-device': byAnybody(
    'Reset the other device',
    'A GFCI outlet: let it dry first if it is wet, unplug what is plugged in behind it, then press its reset once.',
    'A breaker that feeds a sub-panel: turn off all branches of the sub-panel, turn this breaker fully off and on, then turn on the branches one at a time.',
  ),
  'size-down': byElectrician(
    'Install a smaller breaker',
    'The breaker must suit the conductor: an electrician fits the smaller one with the panel dead.',
  ),
  'size-up': byElectrician(
    'A larger breaker is allowed',
    'An electrician checks that every part of the run is the recorded conductor.',
    'Only then may the larger breaker be installed, with the panel dead.',
  ),
  'split-circuit': byElectrician(
    'Split the circuit',
    'Share the loads between two circuits; until then do not run them together.',
  ),
  rewire: byElectrician(
    'The load needs a larger conductor',
    'An electrician runs a conductor that carries it; until then run less.',
  ),
  'replace-breaker': byElectrician(
    'Replace this breaker',
    'Match family, series, poles, rating and type, listed for this panel.',
    'Swap it, torque the terminal as marked, put the cover back on before the main goes on.',
  ),
  'replace-breaker-and-remake-joint': byElectrician(
    'Replace it and remake the joint',
    'Cut the conductor back to bright metal, install a new matching breaker, torque the terminal as marked.',
    'Measure the joint again under load.',
  ),
  'replace-panel': byElectrician(
    'Replace the panel',
    'An electrician plans the new panel; say how soon with the reasons.',
    'The utility cuts the supply for it, or a disconnect ahead of it does.',
  ),
  'replace-main': byElectrician(
    'Replace the main',
    'The utility cuts the supply first, or a disconnect ahead of it does: the main’s line side is always live.',
  ),
  'shed-load': byAnybody(
    'Not the breaker: too much load',
    'Switch something off or move it to another circuit.',
    'Have the circuit split where the loads must run together.',
  ),
  'repair-appliance': byAnybody(
    'Not the breaker: an appliance',
    'Leave the suspect appliance unplugged and have it repaired or replaced.',
  ),
  'repair-wiring': byElectrician(
    'Not the breaker: the wiring',
    'Leave this circuit switched off.',
    'An electrician finds the fault in the wiring, outlets and fixtures.',
  ),
  'separate-conductors': byElectrician(
    'Not the breaker: two conductors share its terminal',
    'First find out whether the two circuits share a neutral. If they do, they go on opposite legs under a common trip, never on a tandem of one leg.',
    'Otherwise join them to one tail, or give one its own breaker, as the load allows.',
  ),
  'dry-and-inspect': byElectrician(
    'Not the breaker: damp',
    'Find where the water comes in and stop it; look at every terminal and stab with the panel dead.',
    'Breakers that were wet are replaced, not dried.',
  ),
  'cool-surroundings': byAnybody(
    'Not the breaker: its surroundings are hot',
    'Cool the place: shade, air, nothing stored against the panel. Then see whether it still trips.',
    'Hot neighbors are moved apart by an electrician, with the panel dead.',
  ),
  'call-utility': byAnybody(
    'Not the breaker: the supply',
    'Switch off what runs on 240 V: range, dryer, water heater, air conditioner.',
    'Call the utility and say what is dead: all of it, or half the house.',
  ),
  'remake-joint': byElectrician(
    'Not the breaker: its joint',
    'With the panel de-energized: remake the connection and torque it as marked.',
    'Measure it again under load.',
  ),
  'make-safe-and-call': byAnybody(
    'Stop using it and call an electrician',
    'Follow the steps above, keep people away and call for help.',
  ),
  'repair-neutral': byElectrician(
    'Not the breaker: the neutral',
    'Turn off both circuits of a shared neutral, and leave them off.',
    'An electrician repairs the neutral with the panel de-energized.',
  ),
  'replace-device': byAnybody(
    'Not the breaker: the device',
    'Replace the dead lamp or appliance.',
    'An outlet or a wall switch that died is an electrician’s work.',
  ),
  'wait-for-supply': byAnybody(
    'Not the breaker: no supply',
    'Wait for the supply; switch off what should not start by itself.',
  ),
  'correct-directory': byElectrician(
    'Not this breaker: the directory is wrong',
    'Keep everyone from working on this circuit.',
    'An electrician finds the breaker that de-energizes it, with a meter at the outlet, and corrects the directory.',
    'If only the main de-energizes it, this breaker no longer opens. If even the main does not, another source feeds the circuit.',
  ),
  'gather-more': byAnybody('Measure this next'),
};
