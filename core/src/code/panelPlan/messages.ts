export const enterAtLeastOneCircuit = 'Enter at least one circuit for the subpanel.';
export const enterAtMostCircuits = (most: number) => `Enter at most ${most} circuits.`;
export const thePlaceMustBe = 'The place must be same-building or other-building.';
export const thePolesMustBe = 'A circuit has 1 or 2 poles.';
export const indoorOrOutdoor = 'The place must be indoor or outdoor.';
export const enterTheSpaces = 'Enter the number of spaces in use, from 1 to 84.';
export const enterADate = 'Enter a date such as 2026-12-02.';
export const enterDays = 'Enter a whole number of days from 0 to 365.';
