export { claimedPanels, lockedBreakers, type SiteNetwork } from './lockout.ts';
