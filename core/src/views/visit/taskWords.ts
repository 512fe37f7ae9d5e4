import type { WorkType } from '../../visit/work/index.ts';

/** A kind of work in words. */
export interface TaskWords {
  /** In a list of tasks. */
  name: string;
  /** The screen that takes apart what is there, and what is tapped once that is done. */
  prepare: { title: string; done: string };
  /** The screen that puts it together again. */
  install: { title: string; done: string };
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
};
