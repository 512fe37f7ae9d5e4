export const theEntrySTimeWasAhead = (ahead: string) =>
  `The entry’s time was ${ahead} ahead of the server’s clock.`;
export const entriesAreSavedWithThisDevice = 'Entries are saved with this device’s time.';
export const theServerSClockIsSlow = (by: string, keeps: string) =>
  `The server’s clock is ${by} slow: it already has newer entries on record. Set the server’s clock. ${keeps}`;
export const thisDeviceSClockIsAhead = (by: string, keeps: string) =>
  `This device’s clock is ${by} ahead of the server’s. Check both clocks and set the one that is wrong. ${keeps}`;
export const thisDeviceSClockIsSlow = (by: string) =>
  `This device’s clock is ${by} slow: there are newer entries on record. Set this device’s clock before you log anything.`;
export const thisDeviceSClockIsBehind = (by: string, keeps: string) =>
  `This device’s clock is ${by} behind the server’s. Check both clocks and set the one that is wrong. ${keeps}`;
