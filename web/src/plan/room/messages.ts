import type { ReactNode } from 'react';
import { rich } from '../../shared/rich/index.ts';

export const aStandardBreakerIsEnough = 'A standard breaker is enough';
export const gfciBreakerRequiredOrAGfci = 'GFCI breaker required, or a GFCI receptacle first on the circuit';
export const afciBreakerRequired = 'AFCI breaker required';
export const dualFunctionBreakerGfciAndAfci = 'Dual-function breaker (GFCI and AFCI) required';
export const breakerType = 'Breaker type';
export const thePigtailTypeNeedsAScrew =
  'The pigtail type needs a screw on the neutral bar; the plug-on type needs a panel with a plug-on neutral bar. Either costs several times as much as a standard breaker. Local amendments take precedence.';
export const loadOnTheWay = 'Load from the breaker to the service';
export const howTheLoadCounts =
  'Each leg is checked separately. Continuous load counts as chosen in the settings (NEC 2023, 210.20(A), 215.3).';
export const within = '✓';
export const over = '✕';
export const headroom = (amps: string) => `${amps} to spare`;
export const overBy = (amps: string) => `${amps} over`;
export const legBeforeAfter = (leg: string, before: string, after: string) =>
  `Leg ${leg} ${before} → ${after}`;
export const presentLoad = (basis: string) => `Present load: ${basis}.`;
export const limitIs = (amps: string) => `Limit ${amps}`;
export const circuitsUnknown = (count: number) =>
  count === 1
    ? '1 circuit has no reading and no listed load. It counts as 0 A.'
    : `${count} circuits have no reading and no listed load. They count as 0 A.`;
export const waysThatFit = 'Ways that fit, cheapest first';
export const noWayFits = 'None within the standard ratings. Have an electrician design it.';
export const planWith = (amps: string) => `Plan with ${amps}`;
export const planItThere = 'Plan it there';
export const theLoadDoesNotFit = (where: string, at: string) => `${where}. The load does not fit: ${at}`;
export const chooseAWayFirst = 'The load does not fit. Choose a way that fits first.';
export const asFarAsIsKnown = (where: string) => `${where}. The load fits, based on what is on record.`;
export const load = 'Load (A)';
export const runsThreeHours = 'Runs three hours or more';
export const enterACurrent = 'Enter a current from 0 to 10,000 A.';
export const thisBreakerStaysWhereItIs = (asked: ReactNode) =>
  rich`✕ This breaker stays where it is. ${asked}`;
export const spacesAnd = (first: number, second: number) => `spaces ${first} and ${second}`;
export const space = (space: number) => `space ${space}`;
export const cannotMoveTo = (what: string, to: string) => `✕ ${what} cannot move to ${to}`;
export const plan = 'Plan';
export const canMoveTo = (what: string, to: string) => `✓ ${what} can move to ${to}`;
export const comesOutFirstAndGoesIn = (what: string) =>
  `${what} comes out first and goes in last, so its space is free in between.`;
export const to = (circuitLabel: string, to: string) => `${circuitLabel} to ${to}`;
export const breaker = 'Breaker';
export const proposalsForThisPanel = 'Proposals for this panel';
export const atSpace = (space: number, half: string) => `, at space ${space}${half}`;
export const half = (half: string) => `, ${half} half`;
export const afterOf = (stepsCount: string) => `, after ${stepsCount}`;
export const oneStep = 'one step';
export const steps = (stepsCount: number) => `${stepsCount} steps`;
export const plannedNotDone = (at: string) => `Planned ${at}, not done.`;
export const voided = 'Voided';
export const noLongerPlanned = 'No longer planned';
export const voidLabel = 'Void';
export const partsToBuy = 'Parts to buy';
export const panel = 'Panel';
export const anotherSpaceForABreaker = 'Another space for a breaker';
export const roomForACircuit = 'Room for a circuit';
export const spacePlanningWorksForPanelsOf = (mostplannedspaces: number) =>
  `Space planning works for panels of up to ${mostplannedspaces} spaces.`;
export const breakersThatStayWhereTheyAre = 'Breakers that stay where they are, and why';
export const main = 'Main';
export const everyBreakerHereMayMove = 'Every breaker here may move.';
export const noRoomForThisCircuit = 'No room for this circuit';
export const spaceAndHalf = (space: number, half: string) => `space ${space}${half}`;
export const freeSpace = (at: string) => `Free space: ${at}`;
export const onlyAsATandem = (at: string) => `Only as a tandem: ${at}`;
export const onlyAsAQuad = (at: string) => `Only as the inner poles of a quad: ${at}`;
export const roomAtAfter = (at: string, stepsCount: string) => `Room at ${at} after ${stepsCount}`;
export const thePanelLabelHasNotBeen =
  'The panel label has not been read. If it allows tandem breakers, there may be room after all. Read the label and enter it in the panel set-up.';
export const optionsASubpanelNextToThis =
  'Options: a subpanel next to this panel, fed by a two-pole breaker in the spaces of circuits that move there, or a panel with more spaces.';
export const aBreaker = (ratingAmps: number, kind: string, conductor: ReactNode) =>
  rich`${ratingAmps} A ${kind} breaker${conductor}.`;
export const conductorOfAtLeastByIts = (conductor: string) =>
  `; conductor of at least ${conductor} by its 60 °C column`;
export const theInterlockPlateIsMadeFor =
  'The interlock plate is made for this panel and prevents the main and this breaker from being on together. Without it, the generator backfeeds the utility line.';
export const installSurgeProtectionAsClose =
  'Install surge protection as close to the main as possible, with the shortest leads: lead length reduces protection.';
export const enterWhatTheCircuitIsFor = 'Enter what the circuit is for, then save it.';
export const asTheCodeRequires = 'As the code requires';
export const ownListNone = 'Own list: none';
export const ownListGfci = 'Own list: GFCI';
export const ownListAfci = 'Own list: AFCI';
export const ownListBoth = 'Own list: both';
export const newCircuit = 'New circuit';
export const forExampleEvCharger = 'For example: EV charger';
export const onePole120V = 'One-pole, 120 V';
export const twoPole240V = 'Two-pole, 240 V';
export const rating = 'Rating';
export const location = 'Location';
export const notEntered = 'Not entered';
export const equipment = 'Equipment';
export const noneNamedInTheCode = 'None named in the code';
export const codeInForce = 'Code in force';
export const nec = (value: string) => `NEC ${value}`;
export const type = 'Type';
export const asTheLocationRequires = 'As the location requires';
export const localRule = (served: string) => `Local rule: ${served}`;
export const where = 'Where';
export const leastWork = 'Least work';
export const spaceTitle = (i: number) => `Space ${i}`;
export const forAGeneratorInletWithAn = 'For a generator inlet, with an interlock at the main';
export const generatorInlet = 'Generator inlet';
export const section = 'Section';
export const either = 'Either';
export const upper = 'Upper';
export const lower = 'Lower';
export const unnamedBreaker = (ratingAmps: number) => `${ratingAmps} A breaker`;
export const subpanel = 'A subpanel makes room';
export const feederLength = (unit: string) => `Feeder length (${unit})`;
export const feederMaterial = 'Feeder conductors';
export const copper = 'Copper';
export const aluminum = 'Aluminum';
export const sameBuilding = 'In this building';
export const otherBuilding = 'In another building';
export const enterALength = 'Enter the length of the feeder, from 0 to 1,000.';
export const noPairCanBeFreed = 'No two spaces for the feeder’s breaker can be freed. A new panel is needed.';
export const subpanelTooLarge = 'Too large for a feeder of this kind.';
export const subpanelIs = (rated: string, conductor: string, spaces: number) =>
  `${rated} feeder, ${conductor}, panel with ${spaces} spaces or more`;
export const feederBreakerAt = (first: number, second: number) =>
  `The feeder’s two-pole breaker goes into spaces ${first} and ${second}.`;
export const nothingMoves = 'No circuit has to move out for it.';
export const moveToTheSubpanel = (circuits: string) => `These circuits move to the subpanel: ${circuits}.`;
export const countedAtShare = (percent: number) =>
  `A circuit without a reading or loads counts with ${percent}% of its breaker.`;
export const subpanelLoad = (a: string, b: string, bus: string) =>
  `Load of the subpanel: leg A ${a}, leg B ${b}. Its bus is rated ${bus} or more.`;
export const groundIs = (gauge: string, material: string) =>
  `Grounding conductor: ${gauge} AWG ${material} (NEC 2023, Table 250.122 and 250.122(B)).`;
export const feederDrop = (percent: string) => `Voltage drop of the feeder: ${percent}%.`;
export const subpanelSource =
  'Feeder by NEC 2023, 215.2, 215.3, 110.14(C) and Table 310.16. Local codes and licensed practice decide.';
export const waysCompared = 'The ways compared';
export const quadTakes = (from: number, to: number) =>
  `Tandem or quad breakers, where the panel label lists them: one part, ${from} to ${to} hours.`;
export const subpanelTakes = (from: number, to: number) =>
  `Subpanel: panel, feeder, breaker and grounding, ${from} to ${to} hours.`;
export const newPanelTakes = (from: number, to: number) =>
  `A larger panel: everything new, ${from} to ${to} hours, power off for a day.`;
export const planANewPanel = 'Plan the panel replacement';
export const subpanelLocation = 'Subpanel location';
