export const everythingHereIsOnRecord = 'Everything here is on record already.';
export const markTheRestAsNormal = (count: number) =>
  count === 1 ? 'Mark the other item as normal' : `Mark the other ${count} items as normal`;
export const notLookedAt = (names: string) => `To be reported as not inspected: ${names}.`;
export const onRecordNotAskedAgain = (count: number) => `Already on record (${count})`;
export const notNamed = 'no name';
export const breakerAt = (place: string, label: string) => `${place} ${label}`;
export const outletOn = (breaker: string) => `An outlet on ${breaker}`;
export const inVolts = (label: string) => `${label}, V`;
export const enterAVoltage = 'Enter a voltage from 0 to 1000 V.';
export const allOf = (count: number, isRest: boolean, words: string) =>
  `${isRest ? 'The other ' : count === 1 ? '' : 'All '}${count === 1 ? '1 breaker' : `${count} breakers`}: ${words.toLowerCase()}`;
export const addABreaker = 'Log a breaker with a finding';
export const remove = 'Remove';
export const removeBreaker = (breaker: string) => `Remove ${breaker}`;
export const saveAndSkip = (left: number) => `Save and skip ${left === 1 ? '1 item' : `${left} items`}`;
export const saveAndStop = 'Save and stop here';
export const chooseWhatYouFound = 'Choose what you found, or remove this breaker.';
