export const chooseTheColumnWithTheTimes = 'Choose the column with the times.';
export const chooseTheColumnsWithCurrents = 'Choose the columns with currents, voltages or temperatures.';
export const aRecordingCanHaveAtMost = (mostrecordingchannels: number) =>
  `A recording can have at most ${mostrecordingchannels} channels. Leave some columns out.`;
export const theFileHasNoSamples = 'The file has no samples.';
export const noLineOfTheFileIs = (firstSkipped: number) =>
  `No line of the file is a sample: line ${firstSkipped} has no readable time.`;
export const ofLinesAreNotSamplesStarting = (skipped: number, lines: number, firstSkipped: number | null) =>
  `${skipped} of ${lines} lines are not samples, starting at line ${firstSkipped}. Check the columns and the date format.`;
export const theRecordingCoversMoreThanA = 'The recording covers more than a year. Check the date format.';
export const theFileHasMoreThan1 =
  'The file has more than 1,000,000 samples. Split it, or set the logger to a longer interval.';
