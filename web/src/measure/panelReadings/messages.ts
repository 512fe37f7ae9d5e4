import type { ReactNode } from 'react';
import { rich } from '../../shared/rich/index.ts';

export const repairSoon = 'repair soon';
export const repairNow = 'repair now';
export const breakerSLoadTerminal = 'Breaker’s load terminal';
export const outletNearestThePanel = 'Outlet nearest the panel';
export const outlet = (n: number) => `Outlet ${n}`;
export const loading = 'Loading …';
export const circuitNotNamed = 'Circuit not named';
export const highResistanceConnection = (from: string | null, to: string, wattsAtRating: string) =>
  `High-resistance connection between ${from} and ${to}: it dissipates about ${wattsAtRating} W at the breaker rating.`;
export const noConnectionDropsMoreVoltage = 'No connection drops more voltage than its conductor explains.';
export const voltageDropAtUnderA = (percent: string, id: string, amps: string, found: string) =>
  `${percent}% voltage drop at ${id} under ${amps} A. ${found}`;
export const findABadConnection = 'Find a bad connection';
export const measureTheVoltageAtEachPoint =
  'Measure the voltage at each point listed: once with no load, and once with a known load, such as a heater or kettle, on the last outlet. The difference shows the voltage drop at each connection.';
export const loadCurrentA = (drawnAmps: string) => `Load current (A)${drawnAmps}`;
export const defaultLabel = (drawnAmps: string) => `, default ${drawnAmps}`;
export const lengthOfTheRun = (lengthUnit: string, lengthM: string) =>
  `Length of the run (${lengthUnit})${lengthM}`;
export const outletsOnTheRun = 'Outlets on the run';
export const enterTheLoadCurrentFirst = 'Enter the load current first.';
export const theVoltageUnderLoadCannotBe =
  'The voltage under load cannot be more than 2 V above the no-load voltage. Measure again.';
export const measuringPoints = 'Measuring points';
export const measureThisNext = 'measure this next';
export const noLoadV = 'No load (V)';
export const underLoadV = 'Under load (V)';
export const result = 'Result';
export const betweenAnd = (from: ReactNode, to: string, grade: string) =>
  rich`Between ${from} and ${to}: ${grade}`;
export const deEnergizeTheCircuitAndVerify =
  'De-energize the circuit and verify absence of voltage. Then open the boxes at both ends and remake the connections.';
export const savedAsEvidence = 'Saved as evidence';
export const keptUntilTheServerAnswers = 'Kept until the server answers';
export const saveAsEvidence = 'Save as evidence';
export const conductorDataNec2023Chapter9 = (warmWatts: number, hotWatts: number, glowWatts: number) =>
  `Conductor data: NEC 2023, Chapter 9, Table 8. Phylaxon’s own limits for power lost in a connection: ${warmWatts} W warm, ${hotWatts} W hot, ${glowWatts} W glowing.`;
export const thisRunIsSoundTheVoltage =
  'This run is sound: the voltage drop is no more than its conductors, its connections and the meter error explain.';
export const thereIsExtraVoltageDropBetween = (from: string, to: string, next: string) =>
  `There is extra voltage drop between ${from} and ${to}. Measure at ${next} next to halve the search.`;
export const measureAtNext = (next: string) => `Measure at ${next} next.`;
export const theBadConnectionIsBetweenAnd = (from: string | undefined, to: string | undefined) =>
  `The bad connection is between ${from} and ${to}.`;
export const fromExtraWAtThisLoad = (
  grade: string,
  from: ReactNode,
  conductorOhms: string,
  excessOhms: string,
  watts: string,
  isInError: ReactNode,
  grade2: string,
) =>
  rich`${grade} from ${from}: ${conductorOhms}${excessOhms} extra, ${watts} W at this load${isInError}: ${grade2}`;
export const conductor = (conductorOhms: string) => `conductor ${conductorOhms}, `;
export const withinTheMeterError = ', within the meter error';
export const latestClampReadings = 'Latest clamp readings';
export const allListedLoads = 'All listed loads';
export const panel = 'Panel';
export const supplyAndLegs = 'Supply and legs';
export const legs = 'Legs';
export const legCurrents = 'Leg currents';
export const noClampReadingsInThisPanel =
  'No clamp readings in this panel yet. Clamp each conductor with the usual load on, and log the current.';
export const operatingState = 'Operating state';
export const leg = (leg: string) => `Leg ${leg}`;
export const theLegsDifferBy = (a: ReactNode, unknown: ReactNode) => rich`The legs differ by ${a}.${unknown}`;
export const notMeasuredInThisStateAnd = (unknown: number, unknown2: string, unknown3: string) =>
  ` ${unknown} ${unknown2} not measured in this state and ${unknown3} not counted.`;
export const circuitWas = 'circuit was';
export const circuitsWere = 'circuits were';
export const byHourOfTheDay = 'By hour of the day';
export const hour = 'Hour';
export const legA = 'Leg A';
export const legB = 'Leg B';
export const difference = 'Difference';
export const moves = 'Moves';
export const movesThatBalanceTheLegs = 'Moves that balance the legs';
export const thePlanMovesOrSwapsSingle = (a: number, a2: string, b: number) =>
  `The plan moves or swaps single-pole, full-size breakers without a handle tie or shared neutral, using ${a} free ${a2} on leg A and ${b} on leg B. An electrician de-energizes the panel and verifies absence of voltage first.`;
export const noMoveWithinTheseSpaces = 'No move within these spaces improves the balance.';
export const balanceForTheWholeYearSummer =
  'Balance for the whole year. Summer cooling and winter heating count more than one day’s reading.';
export const toDoMoveToASpace = (value: string, moves: number, moves2: string, a: string, b: string) =>
  `To do: move to a space on leg ${value} to balance the legs (${moves} ${moves2} in total; then ${a} and ${b}).`;
export const toLeg = (place: string, label: string, value: string) => `${place} ${label} to leg ${value}`;
export const thenAndDifference = (a: ReactNode, b: ReactNode, imbalanceAmps: ReactNode) =>
  rich`then ${a} and ${b}, difference ${imbalanceAmps}`;
export const savedAsANoteAtEach = 'Saved as a note at each breaker';
export const savedHereTheNotesAreSent = 'Saved here. The notes are sent when the server answers';
export const saveAsATaskForThe = 'Save as a task for the visit';
export const nothingToDo = 'Nothing to do';
export const workForAnElectrician = 'Work for an electrician';
export const callTheUtility = 'Call the utility.';
export const legAToNeutralV = 'Leg A to neutral (V)';
export const legBToNeutralV = 'Leg B to neutral (V)';
export const legToLegV = 'Leg to leg (V)';
export const supplyCheck = 'Supply check';
export const theLegsAreMeasuredBehindThe =
  'The legs are measured behind the cover, by an electrician. The leg currents are shown below.';
export const atTheMainYouMeasureOn =
  'At the main you measure on energized parts: wear PPE and change nothing.';
export const withAlmostNoLoad = 'With almost no load';
export const withALargeLoadOnEach = 'With a large load on each leg';
export const whatTheSupplyReadingsShow = 'What the supply readings show';
export const loggedAtTheMain = 'Logged at the main';
export const logAtTheMain = 'Log at the main';
export const currents = 'current of each circuit';
export const currentsAtTheMain = 'Currents at the main';
export const legAAtTheMain = 'Leg A at the main (A)';
export const legBAtTheMain = 'Leg B at the main (A)';
export const neutralAtTheMain = 'Neutral at the main (A)';
export const sameClamp = 'Circuits measured with the same clamp';
export const clampEachLeg =
  'Clamp each supply conductor by itself, then the neutral. Phylaxon compares them with the circuit currents above.';
export const theMainIsClampedByAnElectrician =
  'An electrician measures these currents behind the cover. Earlier measurements are listed here.';
export const legsDifferAtTheMain = (amps: string) => `The legs differ by ${amps} at the main.`;
export const measuredAtTheMain = 'Measured at the main';
export const when = 'When';
export const byClamp = 'Clamp';
export const byClampWithNeutral = (amps: string) => `Clamp, neutral ${amps}`;
export const highestQuarterHour = (days: number) =>
  days === 1 ? 'Logger, highest 15 minutes in 1 day' : `Logger, highest 15 minutes in ${days} days`;
export const logTheseCurrents = 'Log these currents';
export const currentsLogged = 'Currents logged';
