export const thisFeed = 'This feed';
export const aBatchCanHaveAtMost = (mostlines: number) =>
  `A batch can have at most ${mostlines} lines. Send several batches.`;
export const aDifferentValueWasAlreadySent = 'A different value was already sent for this time.';
export const sendAtLeastOneLine = 'Send at least one line.';
export const aFeedCanHaveAtMost = (mostfeedchannels: number) =>
  `A feed can have at most ${mostfeedchannels} channels. Let each device send under its own name.`;
export const thisTimeIsInTheFuture = 'This time is in the future. Set the device’s clock.';
export const thisTimeIsMoreThanAn =
  'This time is more than an hour ago, and a feed is live. Import a file instead.';
export const devicesAreAlreadySendingRemove = (mostfeeds: number) =>
  `${mostfeeds} devices are already sending. Remove one that is not needed.`;
export const nothingWasSavedLine = (number: number, message: string) =>
  `Nothing was saved. Line ${number}: ${message}`;
export const thisLineIsNotValidJson = 'This line is not valid JSON. Send one reading per line, as an object.';
