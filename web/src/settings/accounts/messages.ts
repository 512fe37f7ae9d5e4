import type { Role } from '@phylaxon/core/record/accounts';

export const accounts = 'Accounts';
export const accountsPhylaxon = 'Accounts · Phylaxon';
export const settings = 'Settings';
export const ROLE_WORDS: Record<Role, string> = {
  owner: 'Owner',
  electrician: 'Electrician',
  viewer: 'Viewer',
};
export const ROLE_MEANING: Record<Role, string> = {
  owner: 'Owner: may do everything',
  electrician: 'Electrician: everything but accounts, settings, deleting a site and restoring',
  viewer: 'Viewer: reads, and works on cases as a homeowner',
};
export const newAccount = 'New account';
export const name = 'Name';
export const password = 'Password';
export const passwordHint = 'At least 12 characters.';
export const role = 'Role';
export const createAccount = 'Create account';
export const created = (name: string) => `${name} can sign in now.`;
export const remove = 'Remove';
export const removeName = (name: string) => `Remove ${name}`;
export const reallyRemove = (name: string) => `Remove ${name} and end their sessions?`;
export const yesRemove = 'Yes, remove';
export const keep = 'Keep';
export const you = 'you';
export const meters = 'Meters';
export const aMeterWithAToken =
  'A meter that sends readings by itself needs a token. Nobody else can send under its name.';
export const tokenFrom = (time: string) => `Token created ${time}`;
export const removeToken = 'Remove token';
export const removeTokenOf = (feed: string) => `Remove the token of ${feed}`;
export const newToken = 'New meter token';
export const nameOfTheMeter = 'Name of the meter';
export const createToken = 'Create token';
export const tokenOf = (feed: string) =>
  `Token of ${feed}, shown only this once. Send it as “Authorization: Bearer”:`;
export const activity = 'Activity';
export const whoDidWhat = 'Everything that was changed, by whom, newest first.';
export const nothingYet = 'Nothing yet.';
export const older = 'Show older entries';
export const when = 'When';
export const who = 'Who';
export const what = 'What';
export const accountsAreOff = 'Accounts are off';
export const accountsAreOffBecause =
  'Only this computer can reach the record, so nobody has to sign in. Start the server with PHYLAXON_ACCOUNTS=on to turn accounts on, or with HOST=0.0.0.0 to let other devices in.';
export const onlyAnOwner = 'Only an owner sees the accounts and the activity.';
