import { LOAD_LIMITS } from '../../facts/limits/index.ts';
import { sayQuantity } from '../../facts/quantities/index.ts';
import { sayConductor } from '../../code/sizing/index.ts';
import { BREAKER_KIND_WORDS } from '../../panel/layout/index.ts';
import { taskKind, type StepId, type TaskState, type VisitTask } from '../../visit/work/index.ts';
import type { ScreenWords } from './gateWords.ts';

type Words = (task: VisitTask, state: TaskState) => ScreenWords;

/** A part in a few words. */
const partText = ({ poles, kind }: VisitTask, { ratingAmps }: TaskState): string =>
  `${sayQuantity(ratingAmps, 'A')} ${poles === 2 ? 'two-pole' : 'one-pole'} ${BREAKER_KIND_WORDS[kind]}`;

const conductorText = ({ conductor }: VisitTask) =>
  conductor === null
    ? 'The wire size is not on record: read it from the jacket.'
    : `On record: ${sayConductor(conductor)}.`;

const both = ({ poles }: VisitTask, one: string, two: string) => (poles === 2 ? two : one);

/** Fillers: the same at every place, and before the cover goes on. */
export const FILL_WORDS: ScreenWords = {
  title: 'Fill every open slot',
  how: ['Use filler plates made for this cover, and seat them. No opening may be large enough for a finger.'],
  done: 'All openings filled',
};

/** Each step of the work with the panel dead, in words. */
const STEP_WORDS: Record<StepId, Words> = {
  mark: (task) => ({
    title: 'Mark it and take a photo',
    how: [
      'Put tape with the space number on the edge of the cover next to the breaker.',
      both(
        task,
        'Take a photo of the breaker and its wire, close enough to read the label.',
        'Take a photo of the breaker and both wires, close enough to read the label. Mark which wire is on which pole.',
      ),
    ],
    done: 'Marked, photo taken',
  }),
  free: (task) => ({
    title: both(task, 'Disconnect its wire', 'Disconnect its wires'),
    how: [
      'Check that the handle is off. Loosen the terminal screw, pull the wire straight out, and bend it aside.',
      `Check the wire: only one under the screw? Bright metal? Which size? ${conductorText(task)}`,
      ...(task.neutral === 'pigtail' && taskKind(task.work).drawing !== 'installed'
        ? [
            'If it has a neutral pigtail, disconnect the pigtail at the bar. Check whether the neutral serves only this circuit.',
          ]
        : []),
    ],
    done: both(task, 'Wire off: single, bright, right size', 'Wires off: one per pole, bright, right size'),
  }),
  'rock-off': (task) => ({
    title: 'Rock the breaker off the bus',
    how: [
      `Lift the end nearest the center of the panel, where the breaker sits on ${both(task, 'its bus stab', 'both bus stabs')}. It pivots on the hook at its outer end.`,
      'Then unhook it. Never pry between the breaker and the bus.',
    ],
    done: 'Breaker removed',
  }),
  stab: (task, state) => ({
    title: `Inspect the ${both(task, 'stab', 'two bus stabs')} at ${both(task, `space ${state.space}`, `spaces ${state.space} and ${state.space + 2}`)}`,
    how: [
      'Good: bright and even, or with a dull stripe from years of contact.',
      'Bad: pitted, blue or black metal, or softened plastic around it. Do not file or sand it.',
    ],
    done: both(task, 'Bus stab is good', 'Both bus stabs are good'),
  }),
  compare: (task, state) => ({
    title: 'Compare the new breaker with the old one',
    how: [
      `The new breaker should be: ${partText(task, state)}${task.family === '' ? '' : `, ${task.family}`}, listed on this panel’s label.`,
      'Compare manufacturer, family, series, poles, rating, type and interrupting rating. Then hold them side by side and compare the hook and the jaw width.',
      ...(task.neutral === 'plug-on'
        ? ['For a plug-on neutral breaker, the panel must have a plug-on neutral bar.']
        : []),
    ],
    why: 'One manufacturer can sell series that do not interchange.',
    done: 'Same kind, and listed',
  }),
  click: () => ({
    title: 'Operate the new breaker by hand',
    how: ['Switch it off, on and off. It should click cleanly each way.', 'Leave it off.'],
    done: 'Clicks cleanly, left off',
  }),
  'bring-cable': (task) => ({
    title: 'Bring in the cable',
    how: [
      'Use a separate knockout with a listed cable connector. Leave ¼ in (6 mm) of jacket inside, and enough length to reach the breaker with a bend.',
      `Strip to the strip gauge on the breaker. ${conductorText(task)}`,
      'Connect the far end first, with the circuit de-energized.',
    ],
    done: 'Cable in, right size',
  }),
  'ground-in': () => ({
    title: 'Connect the ground first, at the ground bar',
    how: [
      'Bare or green wire, alone under its screw unless the bar is marked for more. Torque to the marked value.',
      'In a subpanel, never connect the ground to the neutral bar.',
    ],
    done: 'Ground connected',
  }),
  'hook-press': (task, state) => ({
    title: 'Hook the breaker, then press it on',
    how: [
      `At ${both(task, `space ${state.space}`, `spaces ${state.space} and ${state.space + 2}, one on each leg`)}: set the hook at the outer end first, then press the inner end onto the bus.`,
      'Press firmly with your thumbs. If it does not go on, it is the wrong part: do not force it.',
      ...(task.neutral === 'plug-on' ? ['Its foot clicks onto the neutral bar.'] : []),
    ],
    done: 'Seated, level with its neighbors',
  }),
  'neutral-in': (task) => ({
    title:
      task.neutral === 'pigtail'
        ? 'Neutral: wire to the breaker, pigtail to the bar'
        : 'Connect the neutral at the neutral bar',
    how:
      task.neutral === 'pigtail'
        ? [
            'Connect the circuit’s own neutral at the breaker’s neutral terminal.',
            'Connect the coiled white pigtail alone under a screw of the neutral bar.',
            'If the two are swapped, the breaker trips immediately or gives no protection.',
          ]
        : ['White wire, alone under its screw. Torque to the marked value.'],
    done: 'Neutral connected',
  }),
  'join-tail': () => ({
    title: 'Splice the two wires to one pigtail',
    how: [
      `Only where both loads together stay under ${100 * LOAD_LIMITS.continuousShare}% of the breaker’s rating. Otherwise give the second wire its own breaker.`,
      'Use a listed connector of the right size. Strip all three to the same length. Tug each one.',
      'Make the pigtail from the larger wire size, long enough to lie without tension.',
    ],
    done: 'Spliced, tug test passed',
  }),
  splice: () => ({
    title: 'Splice on an extension',
    how: ['Use the same wire size and material and a listed connector. Tug both.'],
    done: 'Spliced, tug test passed',
  }),
  'cut-back': () => ({
    title: 'Cut back to bright metal',
    how: [
      'Cut off everything dark or brittle until metal and insulation are sound. Strip to the strip gauge.',
    ],
    done: 'Bright metal',
  }),
  compound: () => ({
    title: 'Apply antioxidant compound to the aluminum',
    how: [
      'Brush the wire bright and apply the compound right away. The terminal must be marked AL or CU/AL.',
    ],
    done: 'Compound applied',
  }),
  'conductor-in': (task) => ({
    title: both(task, 'Connect the hot wire and torque it', 'Connect both hot wires and torque them'),
    how: [
      'The wire goes under the pressure plate. No insulation under the plate, no bare metal outside.',
      'Solid wire: tighten, then tug. Stranded wire: tighten, wiggle, tighten again.',
      'Use the torque marked on the breaker, and enter the torque you set.',
    ],
    why: 'Loose connections are a common cause of burned breakers.',
    done: 'Tight, tug test passed',
  }),
  inspect: () => ({
    title: 'Inspect everything inside',
    how: [
      'Use a light, and only look. The line side of the main stays energized: keep away from it.',
      'Log what you find first, then mark the rest as normal.',
    ],
    done: 'Save the inspection',
  }),
  'remove-bond': () => ({
    title: 'Remove the bonding screw or strap',
    how: [
      'Find the green screw or the strap that ties the neutral bar to the enclosure, and remove it.',
      'Leave the ground bar connected to the enclosure.',
    ],
    done: 'Bond removed',
  }),
  'move-neutrals': () => ({
    title: 'Put each wire on its own bar',
    how: [
      'White wires belong on the isolated neutral bar, one under each screw. Bare and green wires belong on the ground bar.',
      'Torque each screw to the value on the label, and tug each wire.',
    ],
    done: 'Neutrals and grounds separated',
  }),
  'check-separation': () => ({
    title: 'Check that the bars are separate',
    how: [
      'Lift the feeder neutral. Measure the resistance from the neutral bar to the ground bar: the meter should read open.',
      'If it does not, a neutral and a ground touch somewhere downstream. Find the circuit before you go on.',
      'Reconnect the feeder neutral and torque it.',
    ],
    why: 'In a subpanel, a bond puts normal current on the equipment grounding conductor (NEC 250.24).',
    done: 'Reads open, feeder neutral reconnected',
  }),
  'fit-bond': () => ({
    title: 'Install the main bonding jumper',
    how: [
      'Use the screw or strap listed for this panel, between the neutral bar and the enclosure. Torque it to the label.',
      'Do this only at the service: never in a subpanel (NEC 250.24).',
    ],
    done: 'Bonding jumper installed and torqued',
  }),
  'dry-out': () => ({
    title: 'Dry the panel and inspect what the water reached',
    how: [
      'Wipe off the moisture and let it dry. Never heat it with a flame.',
      'Breakers that were under water are replaced, not dried.',
    ],
    done: 'Dry, nothing was under water',
  }),
  'seal-entry': () => ({
    title: 'Seal the conduit from outdoors',
    how: ['Fill the end of the conduit with duct seal. Leave the drain opening clear.'],
    done: 'Sealed',
  }),
  cap: () => ({
    title: 'Cap the loose wire',
    how: [
      'Put a listed connector over the bare end, bend the wire aside, and tape a label with the circuit’s name on it. The circuit stays de-energized.',
    ],
    done: 'Capped and labeled',
  }),
  fill: () => FILL_WORDS,
};

/**
 * A step of the work, in words for the place it is done at.
 *
 * @param step which
 * @param task what was planned there
 * @param state what has become of it
 * @returns title, how, and what is tapped
 * @example stepWords('click', task, state).title // 'Work the new breaker by hand'
 */
export const stepWords = (step: StepId, task: VisitTask, state: TaskState): ScreenWords => {
  const words = STEP_WORDS[step](task, state);
  // The old part goes back the way the new one would have gone in.
  return state.given === 'back' && step === 'hook-press'
    ? { ...words, title: 'Reinstall the old breaker: hook it, then press it on' }
    : words;
};
