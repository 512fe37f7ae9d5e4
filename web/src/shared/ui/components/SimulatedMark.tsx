import * as messages from './messages.ts';

/** Beside what the simulated stand-in told, and no meter or person. */
export const SimulatedMark = () => (
  <strong className="ml-2 border border-dashed border-rule-strong px-1 font-semibold">
    {messages.simulated}
  </strong>
);
