export const theLoadMustBe = 'The load must be resistive, motor, electronic or unknown.';
export const atMostBranches = 'Enter at most 84 circuits on a leg.';
export const unexplained = (leg: string, amps: string, low: string, high: string) =>
  `Leg ${leg}: ${amps} more flows at the main than in the circuits that were measured (${low} to ${high}). Look for a circuit that was not clamped, a tap ahead of the breakers, or current to ground.`;
export const explained = (leg: string, high: string) =>
  `Leg ${leg}: the circuits explain the current at the main. Up to ${high} could still hide in the errors of the clamp.`;
export const branchesAboveMain = (leg: string, amps: string) =>
  `Leg ${leg}: the circuits add up to ${amps} more than the main. A load changed between the readings, or a clamp was around more than one conductor. Measure again.`;
export const neutralBelow = (measured: string, low: string, high: string) =>
  `The neutral carries ${measured}; by the two legs it should carry ${low} to ${high}. Part of the current returns by another path, such as a water pipe or the grounding conductor. Have an electrician find it.`;
export const neutralAbove = (measured: string, low: string, high: string) =>
  `The neutral carries ${measured}; by the two legs it should carry ${low} to ${high}. Electronics add harmonic current to a neutral. Check its conductor and terminal for heat.`;
