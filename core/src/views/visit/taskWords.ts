import type { WorkType } from '../../visit/work/index.ts';

/** What a screen of several steps is called, and what is tapped once all of them are done. */
export interface ScreenTitle {
  title: string;
  done: string;
}

/** A kind of work in words. */
export interface TaskWords {
  /** In a list of tasks. */
  name: string;
  /** The screen that takes apart what is there; left out where no screen of several steps does. */
  prepare?: ScreenTitle;
  /** The screen that puts it together again; left out where its one step says both. */
  install?: ScreenTitle;
  /** On the visit sheet, once it is done. */
  became: string;
}

/** Each kind of work in words. */
export const TASK_WORDS: Record<WorkType, TaskWords> = {
  replace: {
    name: 'New breaker',
    prepare: { title: 'remove the old breaker', done: 'Removed, bus stab inspected' },
    install: { title: 'install the breaker', done: 'Installed and torqued' },
    became: 'New breaker installed',
  },
  'new-breaker': {
    name: 'New circuit',
    prepare: { title: 'bring in the cable', done: 'Cable in, ground connected' },
    install: { title: 'install the breaker', done: 'Installed and torqued' },
    became: 'New breaker and circuit installed',
  },
  reinstall: {
    name: 'Install the missing breaker',
    prepare: { title: 'inspect the space', done: 'Bus stab inspected' },
    install: { title: 'install the breaker', done: 'Installed and torqued' },
    became: 'New breaker installed, circuit back in service',
  },
  move: {
    name: 'Move',
    prepare: { title: 'remove the breaker', done: 'Removed, bus stab inspected' },
    install: { title: 'install the breaker', done: 'Installed and torqued' },
    became: 'Breaker moved',
  },
  'remake-joint': {
    name: 'Re-terminate the wire',
    prepare: { title: 'disconnect the wire', done: 'Wire off' },
    install: { title: 'reconnect the wire', done: 'Connected and torqued' },
    became: 'Wire re-terminated',
  },
  'separate-conductors': {
    name: 'Splice two wires to one pigtail',
    prepare: { title: 'disconnect both wires', done: 'Wires off' },
    install: { title: 'splice the wires and connect the pigtail', done: 'Spliced, connected and torqued' },
    became: 'Two wires spliced to one pigtail',
  },
  'clean-terminal': {
    name: 'Clean and re-terminate',
    prepare: { title: 'disconnect the wire', done: 'Wire off' },
    install: { title: 'dry, clean and reconnect', done: 'Clean, connected and torqued' },
    became: 'Terminal cleaned, wire re-terminated',
  },
  inspect: {
    name: 'Inspect the inside',
    became: 'Inside inspected',
  },
  'separate-neutral': {
    name: 'Separate neutral and ground',
    install: { title: 'separate neutral and ground', done: 'Separated and checked' },
    became: 'Neutral and ground separated',
  },
  'bond-neutral': {
    name: 'Bond neutral and ground',
    became: 'Neutral bonded to ground',
  },
  'dry-panel': {
    name: 'Dry and seal the panel',
    install: { title: 'dry and seal the panel', done: 'Dry and sealed' },
    became: 'Panel dried and sealed',
  },
  'fill-openings': {
    name: 'Install filler plates',
    became: 'Open slots filled',
  },
};
