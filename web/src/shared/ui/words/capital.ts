export { capital, uncapital } from '@phylaxon/core/facts/quantities';
