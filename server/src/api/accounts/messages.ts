export const createTheFirstAccount = 'There is no account yet. Create the first one with the setup code.';
export const accountsAreOff = 'Accounts are off. Start the server with PHYLAXON_ACCOUNTS=on to turn them on.';
export const tooManyAttempts = (seconds: number) =>
  `Too many failed attempts. Try again in ${Math.ceil(seconds / 60)} min.`;
export const nameOrPasswordIsWrong = 'The name or the password is wrong.';
export const theSetupCodeIsWrong = 'The setup code is wrong. It is on the server’s console.';
export const theLink = 'This link';
export const thisPhoto = 'This photo';
export const aReportIsAboutThisSite = 'A report is about this site, one of its panels or one of its visits.';
export const aHandOverIsOfACaseHere = 'A hand-over is about one of this site’s cases.';
export const theSameAsAPdf = 'What a link shows, as a PDF';
export const aPhotoOfTheReport = 'A photo of the report that a link shows';
