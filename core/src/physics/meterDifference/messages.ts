export const theMeterMustBe = 'The meter must be pulse, disk or display.';
export const theLoadMustBe = 'The load must be resistive, motor, electronic or unknown.';
export const countAtLeastOne = 'Count at least one pulse or turn.';
export const timeAtLeast = 'Time for at least one second.';
export const enterWattHours =
  'Enter the watt-hours of one pulse or turn, above 0. It is printed on the meter.';
export const enterTheVoltage = 'Enter a voltage above 0 V.';
export const enterTheStep = 'Enter the smallest step of the display, above 0 W.';
export const enterReadings = 'Take three readings or more: off, on, off.';
export const atMostReadings = 'Enter at most 9 readings.';
export const oddCount = 'The first and the last reading are with the circuit off: enter an odd number.';
export const restChanged = (watts: string) =>
  `Something else in the house switched on or off: without the circuit the meter changed by ${watts}. Turn off what cycles, and measure again.`;
export const belowTheError = (watts: string) =>
  `The difference is smaller than its error, ${watts}. Measure longer.`;
export const negative =
  'The meter reads less with the circuit on. Check the order of the readings, and measure again.';
