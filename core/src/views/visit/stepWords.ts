import { sayQuantity } from '../../facts/quantities/index.ts';
import { sayConductor } from '../../code/sizing/index.ts';
import { BREAKER_KIND_WORDS } from '../../panel/layout/index.ts';
import type { StepId, TaskState, VisitTask } from '../../visit/work/index.ts';
import type { ScreenWords } from './gateWords.ts';

type Words = (task: VisitTask, state: TaskState) => ScreenWords;

/** A part in a few words. */
const partText = ({ poles, kind }: VisitTask, { ratingAmps }: TaskState): string =>
  `${sayQuantity(ratingAmps, 'A')} ${poles === 2 ? 'two-pole' : 'one-pole'} ${BREAKER_KIND_WORDS[kind]}`;

const conductorText = ({ conductor }: VisitTask) =>
  conductor === null
    ? 'Its gauge is not on record: read it off the jacket.'
    : `On record: ${sayConductor(conductor)}.`;

const both = ({ poles }: VisitTask, one: string, two: string) => (poles === 2 ? two : one);

/** Fillers: the same at every place, and before the cover goes on. */
export const FILL_WORDS: ScreenWords = {
  title: 'Fillers into every open space',
  how: ['Made for this cover, and seated. No opening that a finger fits into.'],
  done: 'All closed',
};

/** Each step of the work with the panel dead, in words. */
const STEP_WORDS: Record<StepId, Words> = {
  mark: (task) => ({
    title: 'Mark it and photograph it',
    how: [
      'Tape on the cover’s edge beside it, its number on it.',
      both(
        task,
        'A photo with its wire, close enough to read the label.',
        'A photo with both wires, close enough to read the label. Mark which wire is on which pole.',
      ),
    ],
    done: 'Marked, photo taken',
  }),
  free: (task) => ({
    title: both(task, 'Free its wire', 'Free its wires'),
    how: [
      'Handle off. Loosen the screw and draw the wire straight out, bend it aside.',
      `Look at it: one wire under the screw? bright? what gauge? ${conductorText(task)}`,
      ...(task.neutral === 'pigtail' && task.work !== 'new-breaker'
        ? ['A pigtail to the bar: loosen it there, and look whether the neutral serves this circuit alone.']
        : []),
    ],
    done: both(
      task,
      'It is free: one wire, bright, right gauge',
      'They are free: one a pole, bright, right gauge',
    ),
  }),
  'rock-off': (task) => ({
    title: 'Rock it off the bus',
    how: [
      `Lift it at the middle of the panel, where it sits on ${both(task, 'its stab', 'both stabs')}; it turns on the hook at its outer end.`,
      'Then unhook it. No lever between breaker and bus.',
    ],
    done: 'It is off',
  }),
  stab: (task, state) => ({
    title: `Look at the ${both(task, 'stab', 'two stabs')} at ${both(task, `space ${state.space}`, `spaces ${state.space} and ${state.space + 2}`)}`,
    how: [
      'Bright and even, or with the dull stripe of years: good.',
      'Pitted, blue, black, soft plastic around it: not good. Nothing is filed.',
    ],
    done: both(task, 'The stab is good', 'Both stabs are good'),
  }),
  compare: (task, state) => ({
    title: 'Compare the new part with the old one',
    how: [
      `It is to be: ${partText(task, state)}${task.family === '' ? '' : `, ${task.family}`}, listed on this panel’s label.`,
      'Maker, family, series, poles, rating, type, interrupting rating. Then side by side: hook, width of the stab’s jaw.',
      ...(task.neutral === 'plug-on' ? ['A plug-on neutral: this panel must have the bar for it.'] : []),
    ],
    why: 'One maker sells series that do not fit each other.',
    done: 'It is the same kind, and listed',
  }),
  click: () => ({
    title: 'Work the new breaker by hand',
    how: ['Off, on, off: a clean click each way.', 'Leave it off.'],
    done: 'It clicks, and is off',
  }),
  'bring-cable': (task) => ({
    title: 'Bring the cable in',
    how: [
      'Through its own opening with a listed connector, jacket 6 mm (¼ in) inside. Length to reach its place with a bend.',
      `Strip to the mark on the breaker. ${conductorText(task)}`,
      'The other end is connected first, with the circuit dead.',
    ],
    done: 'It is in, and of the right gauge',
  }),
  'ground-in': () => ({
    title: 'Ground first, on the ground bar',
    how: [
      'Bare or green, alone under its screw unless the bar is marked for more. Torque as marked.',
      'In a sub-panel never on the neutral bar.',
    ],
    done: 'The ground is on',
  }),
  'hook-press': (task, state) => ({
    title: 'Hook it, then press it on',
    how: [
      `At ${both(task, `space ${state.space}`, `spaces ${state.space} and ${state.space + 2}, one on each leg`)}: the hook at its outer end first, then press its middle end onto the bus.`,
      'A firm push of the thumbs. If it does not go, it is the wrong part: no force.',
      ...(task.neutral === 'plug-on' ? ['Its foot sits on the neutral bar with a click.'] : []),
    ],
    done: 'It sits, level with its neighbors',
  }),
  'neutral-in': (task) => ({
    title:
      task.neutral === 'pigtail'
        ? 'Neutral: wire to the breaker, pigtail to the bar'
        : 'Neutral on the neutral bar',
    how:
      task.neutral === 'pigtail'
        ? [
            'The circuit’s own neutral under the breaker’s neutral screw.',
            'The coiled white pigtail alone under a screw of the neutral bar.',
            'Exchanged, it trips at once or protects nobody.',
          ]
        : ['White, alone under its screw. Torque as marked.'],
    done: 'The neutral is where it belongs',
  }),
  'join-tail': () => ({
    title: 'Join the two wires to one tail',
    how: [
      'A listed connector of the right size, all three stripped alike. Tug each.',
      'The tail is of the thicker gauge, and long enough to lie without tension.',
    ],
    done: 'Joined, tugged',
  }),
  splice: () => ({
    title: 'Splice on a piece',
    how: ['Same gauge, same material, listed connector. Tug both.'],
    done: 'Spliced, tugged',
  }),
  'cut-back': () => ({
    title: 'Cut back to bright metal',
    how: ['Past everything dark or brittle, until metal and insulation are sound. Strip to the mark.'],
    done: 'It is bright',
  }),
  compound: () => ({
    title: 'Compound on the aluminum',
    how: ['Brush it bright, compound on, no waiting. The terminal is marked AL or CU/AL.'],
    done: 'Compound is on',
  }),
  'conductor-in': (task) => ({
    title: both(task, 'The hot wire in, to its torque', 'Both hot wires in, to their torque'),
    how: [
      'Under the plate, no insulation under it, no bare metal outside.',
      'Solid: tighten, tug. Stranded: tighten, wiggle, tighten again.',
      'The figure as marked on the breaker; write what you set.',
    ],
    why: 'A loose joint is what burnt the last one.',
    done: 'Tight, and it holds a tug',
  }),
  cap: () => ({
    title: 'Cap the loose wire',
    how: ['A listed connector over the bare end, bent aside, a tape with the circuit’s name. It stays dead.'],
    done: 'Capped and marked',
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
    ? { ...words, title: 'The old part back: hook it, then press it on' }
    : words;
};
