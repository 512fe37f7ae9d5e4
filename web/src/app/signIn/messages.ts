export const signIn = 'Sign in';
export const signInPhylaxon = 'Sign in · Phylaxon';
export const thisRecordHasAccounts =
  'This record is protected. Sign in to continue. Nothing you typed is lost.';
export const createTheOwnerAccount = 'Create the owner’s account';
export const theServerPrintedACode =
  'This record has no account yet. The server printed a setup code on its console when it started.';
export const setupCode = 'Setup code';
export const name = 'Name';
export const password = 'Password';
export const passwordHint = 'At least 12 characters. Three or four random words work well.';
export const createAccount = 'Create account';
export const forgotten =
  'Forgot the password? An owner can remove your account and create it again. For an owner’s password, run npm run reset-owner on the computer that runs the server.';
