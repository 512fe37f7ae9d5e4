export const aWorkingOutletHasAtLeast = (outletLeast: number) =>
  `A working outlet has at least ${outletLeast} V.`;
export const itUsesButTheBreakerAnd = (
  watts: string,
  voltAmperes: string,
  amps: string,
  voltAmperes2: string,
) =>
  `It uses ${watts}, but the breaker and wires carry ${voltAmperes}: ${amps}, ${voltAmperes2} times as much.`;
