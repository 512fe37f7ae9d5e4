export const enterTheMeterReading = 'Enter the meter reading.';
export const nextStep = 'Next step';
export const undone = 'Undone';
export const noLongerPlanned = 'No longer planned';
export const undoTheVisit = 'Undo the visit';
