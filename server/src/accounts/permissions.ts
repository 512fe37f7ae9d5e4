import type { Role } from '@phylaxon/core/record/accounts';

/** Who may ask something: anybody; who has a session; or who has at least this role. */
export type Permission = 'anyone' | Role;

interface Rule {
  /** The beginning of a path: whole parts of it. */
  at: string;
  methods?: readonly string[];
  may: Permission;
}

/** The first rule that fits decides. */
const RULES: readonly Rule[] = [
  { at: '/health', may: 'anyone' },
  { at: '/session', may: 'anyone' },
  { at: '/accounts/first', may: 'anyone' },
  { at: '/shared', may: 'anyone' },
  { at: '/accounts', may: 'owner' },
  { at: '/audit', may: 'owner' },
  { at: '/settings', methods: ['patch'], may: 'owner' },
  { at: '/sites/:id', methods: ['delete'], may: 'owner' },
  { at: '/compute', may: 'viewer' },
  { at: '/drills', may: 'viewer' },
  { at: '/cases', may: 'viewer' },
  { at: '/', methods: ['get'], may: 'viewer' },
];
/** Whatever changes something else. */
const OTHERWISE: Permission = 'electrician';

const isUnder = (path: string, at: string) => at === '/' || path === at || path.startsWith(`${at}/`);

/**
 * Who may ask a route.
 *
 * @param route its method, in small letters, and its path without the prefix of the API
 */
export const permissionOf = ({ method, path }: { method: string; path: string }): Permission =>
  RULES.find(
    ({ at, methods }) =>
      (methods === undefined || methods.includes(method)) &&
      // A site is deleted at its own address only; what lies under it is something else.
      (at === '/sites/:id' ? path === at : isUnder(path, at)),
  )?.may ?? OTHERWISE;

const RANK: Record<Role, number> = { viewer: 1, electrician: 2, owner: 3 };

/** Whether a role may ask what is open to this one. */
export const mayAsk = (role: Role, permission: Permission): boolean =>
  permission === 'anyone' || RANK[role] >= RANK[permission];
