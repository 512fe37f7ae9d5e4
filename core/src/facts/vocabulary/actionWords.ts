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
  'After half an hour under load, feel the breaker face with the back of your hand. Then keep an eye on it for two weeks.';
const BACK =
  'Come back here if it trips for an unknown reason, gets hot, smells or crackles, or if the lights flicker.';
/** It has been reset, and it holds. */
export const WATCH_IT = { headline: 'It holds: keep an eye on it', steps: [WATCH, BACK] } as const;

/** What each action is called and how it is done, in order. */
export const ACTION_WORDS: Record<ActionId, ActionWords> = {
  keep: byAnybody('Keep it in service', 'Nothing to do now. Log the next reading at the next maintenance.'),
  'complete-reset': byAnybody(
    'Reset it fully',
    'Turn off or unplug everything on this circuit.',
    'Push the handle fully off until it clicks, then on until it clicks.',
    'Log what happens. Reset it once, then stop and find the cause.',
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
    'For a GFCI outlet: let it dry first if it is wet, unplug everything downstream of it, then press its reset button once.',
    'For a breaker that feeds a subpanel: turn off all branches of the subpanel, reset this breaker (fully off, then on), then turn on the branches one at a time.',
  ),
  'size-down': byElectrician(
    'Install a smaller breaker',
    'The breaker must suit the conductor. An electrician installs the smaller one with the panel de-energized.',
  ),
  'size-up': byElectrician(
    'A larger breaker is allowed',
    'An electrician checks that every part of the run is the recorded conductor.',
    'Only then may the larger breaker be installed, with the panel de-energized.',
  ),
  'split-circuit': byElectrician(
    'Split the circuit',
    'Split the loads between two circuits. Until then, do not run them together.',
  ),
  rewire: byElectrician(
    'The load needs a larger conductor',
    'An electrician runs a larger conductor. Until then, run fewer loads.',
  ),
  'replace-breaker': byElectrician(
    'Replace this breaker',
    'Match family, series, poles, rating and type, and check that the panel label lists it.',
    'Replace it, torque the terminal as marked, and put the cover back on before the main is turned on.',
  ),
  'replace-breaker-and-remake-joint': byElectrician(
    'Replace it and remake the connection',
    'Cut the conductor back to bright metal, install a matching new breaker, and torque the terminal as marked.',
    'Measure the connection again under load.',
  ),
  'replace-panel': byElectrician(
    'Replace the panel',
    'An electrician plans the new panel. The reasons show how soon.',
    'The utility or an upstream disconnect cuts the supply for this work.',
  ),
  'replace-main': byElectrician(
    'Replace the main breaker',
    'The utility or an upstream disconnect cuts the supply first: the main’s line side is always energized.',
  ),
  'shed-load': byAnybody(
    'Not the breaker: too much load',
    'Turn something off, or move it to another circuit.',
    'Have the circuit split if the loads must run together.',
  ),
  'repair-appliance': byAnybody(
    'Not the breaker: an appliance',
    'Leave the suspect appliance unplugged and have it repaired or replaced.',
  ),
  'repair-wiring': byElectrician(
    'Not the breaker: the wiring',
    'Leave this circuit turned off.',
    'An electrician finds the fault in the wiring, outlets and fixtures.',
  ),
  'separate-conductors': byElectrician(
    'Not the breaker: two conductors share its terminal',
    'First find out whether the two circuits share a neutral. If they do, they need opposite legs and a common trip, never a tandem on one leg.',
    'Otherwise splice them to one pigtail or give one its own breaker, as the load allows.',
  ),
  'dry-and-inspect': byElectrician(
    'Not the breaker: moisture',
    'Find and stop the leak. Check every terminal and bus stab with the panel de-energized.',
    'Replace breakers that got wet. Do not dry them for reuse.',
  ),
  'cool-surroundings': byAnybody(
    'Not the breaker: its location is hot',
    'Cool the location: shade, ventilation, nothing stored against the panel. Then see whether it still trips.',
    'An electrician moves hot neighboring breakers apart, with the panel de-energized.',
  ),
  'call-utility': byAnybody(
    'Not the breaker: the supply',
    'Turn off 240 V loads: range, dryer, water heater, air conditioner.',
    'Call the utility and say what is dead: the whole house, or half of it.',
  ),
  'remake-joint': byElectrician(
    'Not the breaker: its connection',
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
    'Not the breaker: the appliance or fixture',
    'Replace the dead lamp or appliance.',
    'A dead outlet or wall switch is work for an electrician.',
  ),
  'wait-for-supply': byAnybody(
    'Not the breaker: utility outage',
    'Wait for power to return. Turn off anything that should not start on its own.',
  ),
  'correct-directory': byElectrician(
    'Not this breaker: the directory is wrong',
    'Keep everyone from working on this circuit.',
    'An electrician finds the breaker that de-energizes it, with a meter at the outlet, and corrects the directory.',
    'If only the main de-energizes it, this breaker no longer opens. If even the main does not, another source feeds the circuit.',
  ),
  'gather-more': byAnybody('Measure this next'),
};
