export const countConductors = 'Enter the number of conductors, a whole number from 1 to 200.';
export const countDevices = 'Enter a whole number from 0 to 50.';
export const theGaugeMustBe = 'Box volumes are listed for 14 to 6 AWG.';
