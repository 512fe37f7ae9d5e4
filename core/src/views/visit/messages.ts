export const space = (space: number | null) => `Space ${space}`;
export const main = 'Main';
export const notPlannedAsAVisitThe =
  'Not planned as a visit. The utility is not needed if this panel’s main breaker, or the breaker that feeds it, is off, locked out and verified.';
export const theUtilityDisconnectsThe =
  'The utility disconnects the service first, because the line side of the main stays energized.';
export const stopFindOutWhatIsWrong = 'Stop: find out what is wrong before anyone opens the panel.';
export const planned = (title: string) => `Planned: ${title}`;
export const makeRoom = (title: string) => `Make room: ${title}`;
export const theBreakerOrCircuitItRefers =
  'The breaker or circuit it refers to is no longer in the panel, or has no space yet.';
export const aQualifiedElectricianDe = (off: string) =>
  `A qualified electrician de-energizes the panel (${off}), locks it out and tags it. Only that electrician removes the lock and the tag.`;
export const theElectricianRemovesTheCover =
  'The electrician removes the cover and verifies absence of voltage at every point before touching it. The meter is verified before and after.';
export const theElectricianDoesOneTask = 'The electrician does one task inside the panel.';
export const theElectricianDoesTasksInside = (count: number) =>
  `The electrician does ${count} tasks inside the panel, one at a time.`;
export const theCoverGoesBackOnBefore =
  'The cover goes back on before the main is turned on. Then the electrician turns on the circuits one at a time and measures each one.';
export const thePowerIsOffForAbout = (minutes: number) => `The power is off for about ${minutes} minutes.`;
export const clearTheWayToThePanel =
  'Clear the way to the panel. Leave an arm’s length free on both sides. Keep children and pets away.';
export const shutDownComputersKeepThe = 'Shut down computers. Keep the refrigerator and freezer closed.';
export const listTheCriticalLoadsAndAny =
  'List the critical loads, and any generator, solar system, battery or vehicle that can feed the house.';
export const whichPartWillYouInstallAnd =
  'Which part will you install, and where does the panel label list it?';
export const mayISeeTheReadingsAbsence =
  'May I see the readings: absence of voltage before the work, voltage after it, and the torque?';
export const whichCircuitsChangedAndIsThe = 'Which circuits changed, and is the panel directory up to date?';
export const didYouSeeAnythingElseIn = 'Did you see anything else in the panel that I should know about?';
export const isAPermitNeededAndWho = 'Is a permit needed, and who schedules the inspection?';
export const theCoverIsOnWithAll = 'The cover is on with all its screws, and no opening is left uncovered.';
export const everyBreakerThatWasOnBefore =
  'Every breaker that was on before is on again, or you were told why not.';
export const theTestButtonOfEachGfci =
  'The test button of each GFCI or AFCI breaker trips it, and it resets.';
export const afterHalfAnHourWithThe =
  'After half an hour with the usual loads on, nothing is hot, hums or smells.';
export const theDirectoryListsTheRoomsOn = 'The directory lists the rooms on the new breaker, in ink.';
export const takeYourHandsAndToolsOut =
  'Take your hands and tools out. Put the cover on with all its screws.';
export const removeYourLockTurnOnThe =
  'Remove your lock. Turn on the main, then the branch breakers one at a time, but only those where no work was started.';
export const theMainStaysOffLockedOut =
  'The main stays off, locked out and tagged. The panel stays de-energized until a qualified person has worked on it.';
export const startedButNotFinishedWriteThat = (join: string) =>
  `Started but not finished: ${join}. Write that on the tag.`;
export const turnTheBranchBreakersBackOn =
  'Turn the branch breakers back on one at a time, except those that were worked on.';
export const staysOffTellThePeopleWho = (id: string) => `${id} stays off. Tell the people who live there.`;
export const keepEveryoneAwayAndCallFor = 'Keep everyone away and call for help.';
export const nothingWasChangedSoNothingHas = 'Nothing was changed, so nothing has to be undone.';
export const criticalLoadsArrangeBackup = 'Critical loads: arrange backup power first';
export const doNotTouchAnySwitchOr = 'Do not touch any switch or breaker that carries a tag.';
export const saveYourWorkAndShutComputers = 'Save your work and shut computers down.';
export const keepTheRefrigeratorAndFreezer =
  'Keep the refrigerator and freezer closed: food keeps for hours.';
export const openGarageDoorsAndGatesStay = 'Open garage doors and gates. Stay out of the elevator.';
export const keepAFlashlightHandyClocksAnd =
  'Keep a flashlight handy. Clocks and routers restart on their own.';
export const beforeTheOutagePutMedical =
  'Before the outage, put medical equipment on backup power. Do the same for other critical loads, such as an aquarium or an alarm.';
export const everyCircuitInIt = 'every circuit in it';
export const powerOutageNotice = 'Power outage notice';
export const minutesPowerComesBackAsSoon = (when: string, minutes: number) =>
  `${when} ${minutes} minutes. Power comes back as soon as the work is tested.`;
export const powerWillBeOffForAbout = 'Power will be off for about';
export const powerWillBeOffFromTo = (from: string, until: string) =>
  `Power will be off from ${from} to about ${until},`;
export const off = 'Off:';
export const beforeTheOutage = 'Before the outage:';
export const aCircuitWiredWithMayHave = (conductor: string, ratingAmps: number) =>
  `A circuit wired with ${conductor} may have a breaker of at most ${ratingAmps} A here: the breaker protects the wire.`;
export const meterCheckedOnAKnownLive = 'Meter checked on a known live source';
export const offAndLockedOut = (name: string) => `${name}: off and locked out`;
export const poleTo = (pole: number, to: string) => `Pole ${pole} to ${to}`;
export const doneAndSeated = 'Done and seated';
export const lbIn = (torqueLbIn: number) => `${torqueLbIn} lb·in`;
export const found = (words: string) => `Found: ${words}`;
export const chosen = (label: string) => `Chosen: ${label}`;
export const ambient = (surfaceC: string, ambientC: string) => `${surfaceC}, ambient ${ambientC}`;
export const breakCoverOn = 'Break: cover on';
export const correctionTheStepBeforeWas = 'Correction: the step before was entered by mistake';
export const allWorkVerifiedRemaining = 'All work verified, remaining breakers on';
export const enteredByMistake = (what: string) => `${what} (entered by mistake)`;
export const spaceInline = (space: number) => `space ${space}`;
export const loadSideOfTheMain = 'Load side of the main';
export const panel = 'Panel';
export const leftForAnotherDayCircuitDe = 'Left for another day, circuit de-energized';
export const notDone = 'Not done';
export const oldBreakerReinstalled = 'Old breaker reinstalled';
export const verified = ', verified';
export const notVerifiedLeftOff = ', not verified: left off';
export const itsMainBreaker = 'its main breaker';
export const theBreakerThatFeedsItIn = (breaker: string, ofName: string) =>
  `the breaker that feeds it, ${breaker} in ${ofName}`;
export const theMainOfWhichFeedsIt = (panelName: string) => `the main of ${panelName}, which feeds it`;
export const theMeterPulledByTheUtility = 'the meter, pulled by the utility';
export const noMainIsOnRecordFor = 'No main is on record for this panel, and nothing that feeds it.';
export const thisPanelHasASplitBus =
  'This panel has a split bus without a single main: the upper section stays energized with every handle off.';
export const spaceOfBreaker = (breaker: string) => `space ${breaker}`;
export const contactMeterCatIii600V =
  'Contact meter, CAT III 600 V (CAT IV at line-side lugs), with a low-impedance setting, and a proving unit';
export const lockDangerTagAndLockoutDevice = 'Lock, DANGER tag and lockout device that fits this handle';
export const voltageRatedGlovesWithLeather =
  'Voltage-rated gloves with leather protectors, face shield, arc-rated or non-melting clothing, leather shoes; no metal on hands or wrists';
export const aLightThatIsNotFed = 'A light that is not fed from this panel';
export const screwdriverThatFitsTheCover =
  'Screwdriver that fits the cover screws, and a few spare blunt-tip screws';
export const torqueScrewdriverWithSquare = 'Torque screwdriver with square, slotted and Phillips bits';
export const tapeMarkerAndACamera = 'Tape, marker and a camera';
export const cableRipperWireStrippersSide =
  'Cable ripper, wire strippers, side cutters, listed cable connectors';
export const wireStrippersAndSideCutters = 'Wire strippers and side cutters';
export const listedConnectorsToSpliceThe = 'Listed connectors, to splice the same wire size';
export const antioxidantCompoundForAluminum = 'Antioxidant compound for aluminum';
export const fillerPlatesForOpenSlots = 'Filler plates for open slots';
export const verifyTheMeterAgain = 'Verify the meter again on the known live source';
export const ifTheMeterHasFailedSince =
  'If the meter has failed since the first check, no point counts as verified dead.';
export const offAt = (off: string) => `Off: ${off}`;
export const measureOnTheLoadSideOf =
  'Measure on the load side of the main, where the bus begins. Never on its line side.';
export const measureAtTheTerminalScrewOf =
  'Measure at the terminal screw of its conductor, and at the bus stab as far as a probe reaches.';
export const measureAtTheNearestTerminal = 'Measure at the terminal of the breaker nearest to the work.';
export const underVoltsCountsAsDead = (volts: number) =>
  `Each reading should be under ${volts} V. If one is higher, take your hands out and enter it right away.`;
export const openSlots = (list: string) => `Open slots: ${list}.`;
export const checkItOnceMore = 'Check it once more';
export const theOldBreakerIsSeatedAs = 'The old breaker is seated as before.';
export const itIsSeatedLevelWithIts = 'It is seated level with its neighbors, handle off.';
export const noBareWireOutsideATerminal =
  'No bare wire outside a terminal, nothing pinched, no tool left inside.';
export const checked = 'Checked';
export const turnOnSpace = (space: number) => `Turn on space ${space}`;
export const save = 'Save';
export const offThenLockOut = (off: string) => `De-energize at ${off}, then lock out and tag`;
export const branchesOffThen = (off: string) =>
  `Turn off the branch breakers, de-energize at ${off}, then lock out and tag`;
export const inspectTheInside = 'Inspect the inside of the panel';
export const partOfAnInspection = 'For a yearly inspection, or before buying the house.';
export const wholePanel = 'Panel';
export const correction = (text: string) => `Correction: ${text}`;
export const theInspectionFailed = 'The inspection failed.';
export const correctItThenBook =
  'Correct it, then book the inspection again and log its result on the visit.';
