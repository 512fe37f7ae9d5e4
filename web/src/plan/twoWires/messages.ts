export const traceBothNeutralsFirst = 'Trace both neutrals first';
export const twoPoleBreakerOnOppositeLegs = 'Two-pole breaker, on opposite legs';
export const mayStayTheTerminalIsListed = 'May stay: the terminal is listed for two wires';
export const spliceBothToOnePigtail = 'Splice both to one pigtail';
export const secondBreaker = 'Second breaker';
export const tandemBreakerInTheSameSpace = 'Tandem breaker in the same space';
export const subpanel = 'Subpanel';
export const secondWire = (circuitLabel: string) => `${circuitLabel}, second wire`;
export const circuit = 'Circuit';
export const breaker = 'Breaker';
export const twoWiresUnderOneScrew = 'Two wires under one screw';
export const aCommonFindingAndRarelyAn =
  'A common finding, and rarely an emergency: a terminal listed for one wire does not hold two securely.';
export const first = 'First';
export const second = 'Second';
export const wireCurrentA = (name: string) => `${name} wire, current (A)`;
export const startsWithHalfOfTheConnected =
  'Starts with half of the connected load each, until an electrician has clamped both wires with everything on.';
export const doBothWiresShareOneNeutral = 'Do both wires share one neutral?';
export const theBreakerSLabelOrMarking =
  'The breaker’s label or marking lists the terminal for two conductors of this size';
export const enterTheCurrentOfEachWire = 'Enter the current of each wire, from 0 to 400 A.';
export const whatToDo = 'What to do';
export const planTheTwoPoleBreaker = 'Plan the two-pole breaker';
export const planTheSecondBreaker = 'Plan the second breaker';
export const wiresCarryingAndA = (way: string, value: number, value2: number) =>
  `${way}: wires carrying ${value} and ${value2} A`;
