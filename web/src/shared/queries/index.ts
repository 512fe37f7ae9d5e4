export * from './queryClient.ts';
export * from './recordQueries.ts';
export * from './recordQuery.ts';
export { changeSettings, loadSettings, settingsQuery, useSettings } from './settings.ts';
export {
  loadSession,
  signIn,
  signOut,
  useRole,
  useSession,
  watchSession,
  type SessionState,
} from './session.ts';
