export const criticalLoads = 'Critical loads';
export const aPanelHasAtMost84 = 'A panel has at most 84 breakers.';
export const enterEachBreakerOnce = 'Enter each breaker once.';
export const noCriticalLoadsHere = 'No critical loads here';
export const markedAsCritical = (breakerIdsCount: string) => `${breakerIdsCount} marked as critical`;
export const postedDirectory = 'Posted directory';
export const typeThePostedDirectory = 'Type the posted directory.';
export const aDirectoryCanHaveAtMost = 'A directory can have at most 20,000 characters.';
export const postedDirectoryOf = (length: string) => `Posted directory, ${length}`;
export const infraredImage = 'Infrared image';
export const theCameraNameCanHaveAt = 'The camera name can have at most 120 characters.';
export const temperaturesOfTheBoard = 'Temperatures of the board';
export const panelPhoto = 'Panel photo';
export const photoOfTheBoard = 'Photo of the board';
export const loadTestAndScan = 'Load test and scan';
export const theTimeMustBeANumber = 'The time must be a number.';
export const aLoadTestTakesFrom0 = 'A load test takes from 0 to 1440 minutes.';
export const enterAtMost400Loads = 'Enter at most 400 loads.';
export const onForMinMeasured = (switchedOnCount: string, soakedMinutes: number, scanned: string) =>
  `${switchedOnCount} on for ${soakedMinutes} min, ${scanned} measured`;
export const circuitMap = 'Circuit map';
export const theRoomName = 'The room name';
export const theNameOfTheOutletOr = 'The name of the outlet or fixture';
export const enterAtLeastOneOutletOr = 'Enter at least one outlet or fixture for this room.';
export const enterAtMost60OutletsAnd = 'Enter at most 60 outlets and fixtures per room.';
export const enterAtLeastOneRoom = 'Enter at least one room.';
export const enterAtMost60Rooms = 'Enter at most 60 rooms.';
export const eachRoundTurnsOffAtLeast = 'Each round turns off at least one breaker.';
export const thereMustBeAtLeastOne = 'There must be at least one round.';
export const enterAtMost84Rounds = 'Enter at most 84 rounds.';
export const enterAtMostOutletsAndFixtures = (mostplaces: number) =>
  `Enter at most ${mostplaces} outlets and fixtures.`;
export const circuitMapOf = (roomsCount: string) => `Circuit map of ${roomsCount}`;
export const circuitMappingRound = 'Circuit mapping round';
export const enterYesOrNoForDead = 'Enter yes or no for dead.';
export const checkAtLeastOneOutletOr = 'Check at least one outlet or fixture.';
export const mappingRoundChecked = (round: number, looksCount: string) =>
  `Mapping round ${round}, ${looksCount} checked`;
export const panelInspection = 'Panel inspection';
export const noLongerPresent = (words: string) => `No longer present: ${words}`;
export const theSpaceMustBeAWhole = 'The space must be a whole number.';
export const proposal = 'Proposal';
export const theProposalName = 'The proposal name';
export const aBreakerHasOneOrTwo = 'A breaker has one or two poles.';
export const enterAtMost20Reasons = 'Enter at most 20 reasons.';
export const mustNeverHaveABreakerLarger = (planned: string, most: number) =>
  `${planned} must never have a breaker larger than ${most} A: the breaker protects the conductor.`;
export const planned = (title: string) => `Planned: ${title}`;
export const canHaveAtMost120Characters = (what: string) => `${what} can have at most 120 characters.`;
export const theChannelName = 'The channel name';
export const recording = 'Recording';
export const aRecordingHasAtLeastOne = 'A recording has at least one channel.';
export const aRecordingHasAtMostChannels = (mostrecordingchannels: number) =>
  `A recording has at most ${mostrecordingchannels} channels.`;
export const theClockCorrectionMustBeA = 'The clock correction must be a number.';
export const theClockCanBeCorrectedBy = 'The clock can be corrected by at most one year.';
export const theFileName = 'The file name';
export const reportPrices = 'Report prices';
export const thePriceMustBeANumber = 'The price must be a number.';
export const thePriceMustBeFrom0 = 'The price must be from 0 to 1,000,000.';
export const enterAtMost200Prices = 'Enter at most 200 prices.';
export const aRemarkCanHaveAtMost = 'A remark can have at most 2000 characters.';
export const serviceLoad = 'Service load';
export const aService = (serviceAmps: number) => `${serviceAmps} A service`;
export const maintenance = 'Maintenance';
export const doAtLeastOneItem = 'Do at least one item.';
export const enterAtMost200Results = 'Enter at most 200 results.';
export const theResultMustBeOneOf = (join: string) => `The result must be one of: ${join}.`;
export const enter1ToMonths = (dutyMostMonths: number) => `Enter 1 to ${dutyMostMonths} months.`;
export const maintenanceDates = 'Maintenance dates';
export const enterAWholeNumberOfMonths = 'Enter a whole number of months.';
export const usualDates = 'usual dates';
export const every = (everyMonths: string) => `every ${everyMonths}`;
export const next = (slice: string) => `, next ${slice}`;
export const onAVisit = 'On a visit';
export const serviceVisit = 'Service visit';
export const serviceVisitOf = (join: string) => `Service visit: ${join}`;
export const visitStep = 'Visit step';
export const aVisitCanHaveAtMost = (mostvisitfacts: number) =>
  `A visit can have at most ${mostvisitfacts} steps.`;
export const visitStepOf = (n: number) => `Visit step ${n}`;
export const inspection = 'Inspection';
export const chooseAnInspectionItem = 'This is not an item of an inspection.';
export const chooseAPurpose = 'Choose the purpose of the inspection.';
export const chooseAStation = 'This is not a station of an inspection.';
export const enterAtMost600Results = 'Enter at most 600 results.';
export const itemOfAnotherStation = 'This item belongs to another station.';
export const nameTheBreakerUnlessPanel =
  'Name the breaker this result is about, and none for the panel as a whole.';
export const enterTheReadingWhereMeasured =
  'Enter a voltage for an item that is measured, and for no other item.';
export const inspectionOfStation = (purpose: string, station: string, bad: number) =>
  `${purpose}, ${station.toLowerCase()}: ${bad === 0 ? 'all normal' : bad === 1 ? '1 finding' : `${bad} findings`}`;
export const permit = 'Permit';
export const chooseIfAPermitIsNeeded = 'Choose whether a permit is needed.';
export const aPermitNumber = 'A permit number';
export const chooseHowTheInspectionStands = 'Choose how the inspection stands.';
export const enterTheDateOfTheInspection = 'Enter the date of the inspection.';
export const aCorrection = 'A correction';
export const describeTheCorrection = 'Describe the correction.';
export const enterAtMost20Corrections = 'Enter at most 20 corrections.';
export const noInspectionWithoutAPermit = 'An inspection belongs to a permit. Choose “needed” first.';
export const enterTheCorrections = 'Enter what the inspector wants corrected.';
export const correctionsFollowAFailedInspection = 'Corrections belong to a failed inspection.';
export const permitSays = (number: string, inspection: string) =>
  `Permit${number === '' ? '' : ` ${number}`}: inspection ${inspection}`;
export const otherSources = 'Other sources and backup';
export const chooseAKindOfSource = 'Choose solar, battery, generator or vehicle.';
export const chooseAConnection = 'Choose how the source is connected.';
export const enterThePowerOfTheSource = 'Enter the power of the source, above 0 W.';
export const chooseAVoltage = 'Choose 120 V or 120/240 V.';
export const chooseAPriority = 'The priority must be 1, 2 or 3.';
export const aPanelHasAtMost6Sources = 'A panel can have at most 6 other sources.';
export const chooseAtMostCircuits = (most: number) => `Choose at most ${most} circuits.`;
export const sourcesAndEssential = (sources: string, circuits: string) => `${sources}, ${circuits} on backup`;
export const currentsAtTheMain = 'Currents at the main';
export const legsAtTheMain = (a: string, b: string, neutral: string | null) =>
  `leg A ${a}, leg B ${b}${neutral === null ? '' : `, neutral ${neutral}`}`;
export const theSecondStageBeginsWithARound = 'The second stage must begin with one of the rounds.';
