import { conflict, type Refusal } from '../errors/index.ts';
import { ApiError } from '../http/index.ts';
import * as messages from './messages.ts';

/** Nobody is signed in, and nobody else may ask this. */
export const signedOut = (): ApiError => new ApiError(401, 'signed_out', messages.signInFirst);

/** The first account is there already. */
export const hasAccount = (): Refusal => conflict('has_account', messages.thereIsAnAccountSignIn);
