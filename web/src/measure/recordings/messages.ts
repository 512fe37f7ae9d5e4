import type { ReactNode } from 'react';
import { rich } from '../../shared/rich/index.ts';

export const theFileIsMbWhichIs = (size: number) =>
  `The file is ${size} MB, which is more than 1,000,000 samples need. Split the file, or set the logger to a longer interval.`;
export const theFileIsEmpty = 'The file is empty.';
export const theFileHasNoColumnsIt =
  'The file has no columns. It needs one column of times and at least one of readings.';
export const dataLoggerFile = 'Data logger file';
export const aCsvOrTsvTableOf =
  'A CSV or TSV table of up to 1,000,000 samples with times and currents, voltages or temperatures, in any order.';
export const theFileCouldNotBeRead = 'The file could not be read. Nothing was saved.';
export const readingTheFile = 'Reading the file';
export const currentA = 'Current, A';
export const currentMa = 'Current, mA';
export const currentKa = 'Current, kA';
export const voltageV = 'Voltage, V';
export const voltageMv = 'Voltage, mV';
export const voltageKv = 'Voltage, kV';
export const temperatureC = 'Temperature, °C';
export const temperatureF = 'Temperature, °F';
export const time = 'Time';
export const ignore = 'Ignore';
export const monthFirst = 'Month first';
export const dayFirst = 'Day first';
export const yearFirst = 'Year first';
export const columns = 'Columns';
export const checkTheColumns = 'Check the columns';
export const columnsOf = (fileName: string, columnsCount: number, headLines: ReactNode) =>
  rich`${fileName}: ${columnsCount} columns${headLines}.`;
export const beforeTheFirstSample = (headLines: number, headLines2: string) =>
  `, ${headLines} ${headLines2} before the first sample`;
export const column = (i: number) => `Column ${i}`;
export const contentsOf = (name: string) => `Contents of ${name}`;
export const columnInline = (i: number) => `column ${i}`;
export const chooseAUnit = 'Choose a unit';
export const whereWasMeasured = (name: string) => `Where ${name} was measured`;
export const dateFormat = 'Date format';
export const dateOfTheFirstSample = 'Date of the first sample';
export const timeOfTheFirstSample = 'Time of the first sample';
export const loggerClockIsSlowByS = 'Logger clock is slow by, s';
export const timesAreReadInTheTime = (zone: string) =>
  `Times are read in the time zone ${zone}. If the logger clock is fast, enter a negative number of seconds.`;
export const chooseTheUnitOfNeitherIts = (open: string) =>
  `Choose the unit of ${open}: neither its name nor its values show it.`;
export const oneMoreColumn = 'one more column';
export const moreColumns = (open: number) => `${open} more columns`;
export const readFile = 'Read file';
export const cancel = 'Cancel';
export const channelsShown = 'Channels shown';
export const earlier = 'Earlier';
export const zoomIn = 'Zoom in';
export const zoomOut = 'Zoom out';
export const later = 'Later';
export const showAll = 'Show all';
export const recordedValuesOverTime = 'Recorded values over time';
export const dragToMoveScrollToZoom = 'Drag to move, scroll to zoom, or use ← →, + − and Home.';
export const to = (fromMs: string, toMs: string) => `${fromMs} to ${toMs}`;
export const onRecord = 'On record';
export const fromADataLoggerRecording = 'From a data logger recording.';
export const carriedMoreThanItsRatingFor = (place: string, amps: ReactNode, seconds: ReactNode) =>
  rich`${place} carried ${amps}, more than its rating, for ${seconds} and did not trip.`;
export const logAHold = 'Log a hold';
export const dutyCycleOfTheLoadsOn = (place: string) => `Duty cycle of the loads on ${place}`;
export const times = (
  loadName: ReactNode,
  times: number,
  amps: string,
  onSeconds: ReactNode,
  offSeconds: ReactNode,
  surgeTimes: ReactNode,
) => rich`${loadName}: ${times} times, ${amps}${onSeconds}${offSeconds}${surgeTimes}`;
export const onFor = (onSeconds: string) => `, on for ${onSeconds}`;
export const offFor = (offSeconds: string) => `, off for ${offSeconds}`;
export const startsAt = (toFixed: string) => `, starts at ${toFixed} ×`;
export const dutyCycleSavedForTheLoad = 'Duty cycle saved for the load';
export const useForThisLoad = 'Use for this load';
export const recordings = 'Recordings';
export const recordingOf = (at: string) => `Recording of ${at}`;
export const recording = 'Recording';
export const clockCorrectedByS = (shiftedSeconds: number) => `, clock corrected by ${shiftedSeconds} s`;
export const simulated = ', simulated';
export const thisPanelHasNoSuchRecording = 'This panel has no such recording.';
export const voidedItNoLongerCounts = (why: string) => `Voided: ${why}. It no longer counts.`;
export const voidedYouCanUndoThis = 'Voided. You can undo this.';
export const shouldNotCount = 'Should not count';
export const voidThisRecording = 'Void this recording';
export const saveTheRecordingFirstThenYou =
  'Save the recording first. Then you can log trips, held overloads and duty cycles from it.';
export const findingEvents = 'Finding events …';
export const rating = (ratingAmps: string) => `Rating ${ratingAmps}`;
export const values = 'Values';
export const summary = 'Summary';
export const samplesOneEvery = (
  toLocaleString: ReactNode,
  intervalMs: ReactNode,
  gapCount: ReactNode,
  driftSecondsADay: ReactNode,
) => rich`${toLocaleString} samples, one every ${intervalMs}.${gapCount}${driftSecondsADay}`;
export const withoutSamplesInTotalThe = (
  gapCount: number,
  gapCount2: string,
  missingMs: string,
  fromMs: string,
  toMs: string,
) => ` ${gapCount} ${gapCount2} without samples, ${missingMs} in total; the longest from ${fromMs}, ${toMs}.`;
export const theLoggerClockRunsByAbout = (
  driftSecondsADay: string,
  driftSecondsADay2: number,
  driftSecondsADay3: string,
) =>
  ` The logger clock runs ${driftSecondsADay} by about ${driftSecondsADay2} s a day, or the logger samples slightly ${driftSecondsADay3} than it was set to.`;
export const valuesByChannel = 'Values by channel';
export const channel = 'Channel';
export const minimum = 'Minimum';
export const mean = 'Mean';
export const maximum = 'Maximum';
export const highest15MinuteDemand = 'Highest 15-minute demand';
export const above = (continuousShare: string) => `Above ${continuousShare}`;
export const aboveTheRating = 'Above the rating';
export const noSamples = 'no samples';
export const from = (mean: string, fromMs: string) => `${mean}, from ${fromMs}`;
export const highest15MinuteDemandASag = (
  maximumDemand: string,
  continuousShare: string,
  continuousLoad: string,
  loggedEvent: string,
) =>
  `Highest 15-minute demand: ${maximumDemand}. ${continuousShare}: ${continuousLoad}. A sag or swell here is a voltage ${loggedEvent} away from the usual one, Phylaxon’s own threshold: lamps visibly change from there on.`;
export const everything = 'Everything';
export const trips = 'Trips';
export const switching = 'Switching';
export const sagsAndSwells = 'Sags and swells';
export const events = 'Events';
export const eventTypes = 'Event types';
export const noEventsOfThisType = 'No events of this type.';
export const show = (what: string, toISOString: string) => `Show ${what}, ${toISOString}`;
export const logThisTrip = 'Log this trip';
export const showMoreOf = (chosenCount: number) => `Show more of ${chosenCount}`;
export const panel = 'Panel';
export const anotherFile = 'Another file';
export const openADataLoggerFile = 'Open a data logger file';
export const noRecordingsYetConnectAData =
  'No recordings yet. Connect a data logger for a day or a week, then open its file here. Phylaxon finds switching, hard starts, trips and what led up to them.';
export const samples = (toMs: string, toLocaleString: string) => `, ${toMs}, ${toLocaleString} samples`;
export const voided = (why: string) => `, voided: ${why}`;
export const fileContents = 'File contents';
export const waitingForTheServerTheImage =
  'Waiting for the server. The image is saved as soon as the server answers.';
export const saveRecording = 'Save recording';
export const discard = 'Discard';
export const withoutATimeWereLeftOut = (skipped: string, firstSkipped: number | null) =>
  `${skipped} without a time were left out, starting at line ${firstSkipped}.`;
export const wereOutOfOrderAndHave = (reordered: string) =>
  `${reordered} were out of order and have been sorted.`;
export const hadADuplicateTimeTheFirst = (doubled: string) =>
  `${doubled} had a duplicate time: the first one counts.`;
export const areMissing = (missing: string) => `${missing} are missing.`;
export const areNotNumbersOrArePhysically = (impossible: string) =>
  `${impossible} are not numbers or are physically impossible, and were left out.`;
export const wereNegativeBecauseTheClampWas = (negative: string) =>
  `${negative} were negative because the clamp was reversed. They are counted as positive.`;
export const samplesWereRead = (toLocaleString: ReactNode) => rich`${toLocaleString} samples were read.`;
export const sag = 'Sag';
export const swell = 'Swell';
export const noVoltage = 'No voltage';
export const trippedOnAnOverload = 'Tripped on an overload';
export const droppedToZeroTrippedOrTurned = 'Dropped to zero: tripped, or turned off by hand';
export const forAfter = (amps: string, seconds: string, preloadAmps: string) =>
  `${amps} for ${seconds}, after ${preloadAmps}`;
export const powerBack = 'Power back';
export const afterOff = (amps: string, offSeconds: string) => `${amps}, after ${offSeconds} off`;
export const something = 'Something';
export const startedAt = (toFixed: string) => `, started at ${toFixed} ×`;
export const toForUsually = (volts: string, seconds: string, usualVolts: string) =>
  `to ${volts} for ${seconds}, usually ${usualVolts}`;
export const legAOfThisPanel = 'Leg A of this panel';
export const legBOfThisPanel = 'Leg B of this panel';
export const ambient = 'Ambient';
export const other = 'Other';
export const legTitle = (leg: string) => `Leg ${leg}`;
export const aBreakerThatWasRemoved = 'A breaker that was removed';
export const theFileCouldNotBeReadIt = 'The file could not be read: it is not a text table.';
