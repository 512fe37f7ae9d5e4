export const lockoutTagWithAQrCode = 'Lockout tag, with a QR code that opens the visit';
export const outageNoticeForTheHousehold = 'Outage notice for the household: what is off, and for how long';
export const theVisitAsPlannedAndEvery = 'The visit as planned, and every step as done';
export const thePanelOfThisVisit = 'The panel of this visit';
