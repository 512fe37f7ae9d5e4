export const waitingForTheServer = 'Waiting for the server';
export const restoredFromAnEarlierEntryNot = 'Restored from an earlier entry, not saved yet.';
export const clearThisForm = 'Clear this form';
