export { accessControl, sessionCookie } from './accessControl.ts';
export { Accounts } from './accounts.ts';
export { Attempts } from './attempts.ts';
export { Audit } from './audit.ts';
export { mayAsk, permissionOf, type Permission } from './permissions.ts';
export { hashPassword } from './password.ts';
export { isSameSecret, newSetupCode } from './secrets.ts';
export { ShareLinks } from './shareLinks.ts';
export { Access } from './access.ts';
