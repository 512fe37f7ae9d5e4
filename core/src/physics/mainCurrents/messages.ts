import { counted } from '../../facts/quantities/index.ts';

export const theLoadMustBe = 'The load must be resistive, motor, electronic or unknown.';
export const atMostBranches = 'Enter at most 84 circuits on a leg.';
export const mostUnmeasured = 'Enter at most 84 circuits that were not measured.';
export const unmeasured = (leg: string, amps: string, count: number) =>
  `Leg ${leg}: ${amps} of the current at the main is not in the measured circuits. ${counted(count, 'circuit was', 'circuits were')} not measured: clamp them too, to see whether the current adds up.`;
export const unexplained = (leg: string, amps: string, low: string, high: string) =>
  `Leg ${leg}: ${amps} more flows at the main than in the circuits that were measured (${low} to ${high}). Look for a tap ahead of the breakers, a breaker missing from the record, or current to ground.`;
export const explained = (leg: string, high: string) =>
  `Leg ${leg}: the circuits add up to the current at the main, within clamp error. Up to ${high} could go unnoticed.`;
export const branchesAboveMain = (leg: string, amps: string) =>
  `Leg ${leg}: the circuits add up to ${amps} more than the main. A load changed between the readings, or a clamp was around more than one conductor. Measure again.`;
export const neutralBelow = (measured: string, low: string, high: string) =>
  `The neutral carries ${measured}; from the two leg currents it should carry ${low} to ${high}. Part of the current returns by another path, such as a water pipe or the grounding conductor. Have an electrician find it.`;
export const neutralAbove = (measured: string, low: string, high: string) =>
  `The neutral carries ${measured}; from the two leg currents it should carry ${low} to ${high}. Electronics add harmonic current to a neutral. Check its conductor and terminal for heat.`;
