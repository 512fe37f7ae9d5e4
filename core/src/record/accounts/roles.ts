/** What somebody with an account may do: everything; all but accounts, settings, wiping and restoring; read, and work on cases as a homeowner. */
export const ROLES = ['owner', 'electrician', 'viewer'] as const;
export type Role = (typeof ROLES)[number];
