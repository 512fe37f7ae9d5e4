import type { Role } from '@phylaxon/core/record/accounts';

export const thereIsAnAccountSignIn = 'There is an account already. Sign in.';
export const thisNameIsTaken = 'This name is taken. Choose another.';
export const theAccount = 'The account';
export const theLink = 'The link';
export const theLastOwnerCannotBeRemoved = 'The last owner cannot be removed. Create another owner first.';
export const signInFirst = 'Sign in first.';
export const notForYourRole = (role: Role) =>
  `Your role, ${role}, does not allow this. Ask an owner of this record.`;
