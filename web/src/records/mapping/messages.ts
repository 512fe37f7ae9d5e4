import type { ReactNode } from 'react';
import { rich } from '../../shared/rich/index.ts';

export const addAnOutletOrFixture = 'Add an outlet or fixture';
export const room = 'Room';
export const outletOrFixture = 'Outlet or fixture';
export const add = 'Add';
export const off = 'Off';
export const detectErrors = 'Detect errors';
export const correctErrors = 'Correct errors';
export const doNotMapThisPanelUntil = 'Do not map this panel until the hazard is repaired.';
export const roomsOutletsAndFixtures = 'Rooms, outlets and fixtures';
export const oneRoomPerLineTheRoom =
  'One room per line: the room, a colon, then its outlets, lights and appliances. Include both halves of split receptacles, switched outlets, the yard and garage, the doorbell and smoke alarms.';
export const kitchenCounterLeftCounterRight =
  'Kitchen: counter left, counter right, hood, fridge\nHall: lamp, outlet by the door';
export const noRoomAndItemsFoundIn = (value: string | undefined) =>
  `No room and items found in: “${value}”. Type the room, a colon, then its items.`;
export const breakersThatStayOn = (size: ReactNode) => rich`Breakers that stay on${size}`;
export const alarmsMedicalEquipmentServersA =
  'Alarms, medical equipment, servers, a freezer in summer. Mapping finds their circuits by elimination.';
export const staysOn = (breaker: string, label: string) => `${breaker} ${label} stays on`;
export const notUsedForMappingBecauseOf = (join: string) =>
  `Not used for mapping, because of a hazard or because they are off or tripped: ${join}. Do not turn these breakers on. Repair the fault first. Their circuits stay off in every round.`;
export const method = 'Method';
export const aloneInRounds = (roundsCount: number) => `Alone, in ${roundsCount} rounds`;
export const withASecondPersonAtThe = (mayBeOffCount: number) =>
  `With a second person at the panel, one breaker at a time (${mayBeOffCount} rounds)`;
export const aboutMin = (takes: number) => `, about ${takes} min`;
export const errorChecking = 'Error checking';
export const rounds = (value: string, length: number) => `${value}: ${length} rounds`;
export const shutDownComputersFirstDoNot =
  'Shut down computers first. Do not force a handle. If a handle will not move or will not turn back on, log it as a finding.';
export const startTheFirstRound = 'Start the first round';
export const thePanel = 'the panel';
export const panel = 'Panel';
export const circuitMapping = 'Circuit mapping';
export const theServerIsNotAnsweringYou =
  'The server is not answering. You can go on: your entries are kept here and sent when the connection is back.';
export const startANewMap = 'Start a new map';
export const aBreakerThatWasRemoved = 'a breaker that was removed';
export const mappingResult = 'Mapping result';
export const notClear = (of: string) => `Not clear: ${of}.`;
export const checkedTwiceButNoBreakerFits =
  'Checked twice, but no breaker fits. Check this outlet separately, one breaker after the other.';
export const theOutletIsDeadOnlyWith = (room: ReactNode, join: string) =>
  rich`${room} ${join}. The outlet is dead only with both breakers off, so never rely on one of them alone.`;
export const isOnTwoBreakers = (room: string, placeName: string) =>
  `${room}: ${placeName} is on two breakers,`;
export const fedFromAnotherPanelOrBy = (strong: ReactNode, of: string) =>
  rich`${strong} ${of}. Fed from another panel, or by a breaker that stayed on.`;
export const neverDead = 'Never dead:';
export const downstreamOfABreakerThatIs = (strong: ReactNode, of: string) =>
  rich`${strong} ${of}. Downstream of a breaker that is off or tripped, a switch, or a tripped GFCI.`;
export const deadInEveryRound = 'Dead in every round:';
export const matchesTheDirectory = 'Matches the directory.';
export const directory = (label: string) => `Directory: ${label}.`;
export const noNameInTheDirectory = 'No name in the directory.';
export const oneEntryWasCorrected = ' One entry was corrected.';
export const theDirectoryMatchesTheHouse = '✓ The directory matches the house.';
export const updateTheDirectory = 'Update the directory';
export const notNamed = 'not named';
export const inTheDirectory = 'In the directory';
export const dead = '○ Dead';
export const hasPower = '● Has power';
export const round = 'Round';
export const checkAgainAsInRound = (round: number) => `Check again, as in round ${round}`;
export const roundOf = (round: number, roundsCount: number) => `Round ${round} of ${roundsCount}`;
export const noBreakerFitsTheseEntriesOne =
  'No breaker fits these entries: one entry was wrong, or the outlet is on two breakers.';
export const turnOffTheseBreakersInThis = (round: ReactNode) =>
  rich`${round}Turn off these breakers in this order. Leave all others as they are. Do not turn on a breaker that is tripped or has a hazard.`;
export const turnTheLastRoundSBreakers = 'Turn the last round’s breakers back on. ';
export const allHavePower = 'All have power';
export const theRestHavePower = 'The rest have power';
export const toCheck = (leftCount: number, leftCount2: string) => `${leftCount} ${leftCount2} to check`;
export const checkedAgain = 'Checked again';
export const finishThisRound = 'Finish this round';
export const turnOff = 'Turn off';
export const splitBusStaysOn = (list: string) =>
  `Not used for mapping, because this panel has a split bus and one of these breakers feeds the whole lower section: ${list}. They stay on, so the outlets they feed have power in every round.`;
export const breakersThatLikelyFeedASingleAppliance = (extra: number) =>
  `Breakers that likely feed a single appliance are turned off together. If an item is on one of them, up to ${extra} extra rounds follow, for those items only.`;
export const extraRoundOf = (round: number, roundsCount: number) => `Extra round ${round} of ${roundsCount}`;
