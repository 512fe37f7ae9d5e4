import type { Role } from '@phylaxon/core/record/accounts';

export const thereIsAnAccountSignIn = 'There is an account already. Sign in.';
export const thisNameIsTaken = 'This name is taken. Choose another.';
export const theAccount = 'The account';
export const theMeter = 'The token of this meter';
export const theMeterTokenIsWrong = 'The token is not this meter’s.';
export const thisMeterSendsWithItsToken =
  'This meter sends with its own token. Nobody else sends under its name.';
export const thisVisitIsOf = (name: string) =>
  `${name} is working on this visit. Talk to ${name} before you take it over: their hands may be inside the panel.`;
export const theLink = 'The link';
export const theLastOwnerCannotBeRemoved = 'The last owner cannot be removed. Create another owner first.';
export const signInFirst = 'Sign in first.';
export const notForYourRole = (role: Role) =>
  `Your role, ${role}, does not allow this. Ask an owner of this record.`;
export const thereIsNoRecordAt = (file: string) =>
  `There is no database at ${file}. Set PHYLAXON_DB to the file that the server uses.`;
export const nameOneOfTheOwners = (names: readonly string[]) =>
  names.length === 0
    ? 'This database has no owner. Start the server: it prints a setup code for the first account.'
    : `Name one of the owners: npm run reset-owner -- NAME. Owners: ${names.join(', ')}.`;
export const resetAnOwnersPassword = 'Reset an owner’s password on the server’s computer';
