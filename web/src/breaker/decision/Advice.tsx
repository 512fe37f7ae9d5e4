import * as messages from './messages.ts';

/** Said once on every page that decides something. */
export const Advice = () => (
  <p className="border-t border-rule pt-2 text-sm text-ink-soft">{messages.phylaxonAdvisesLocalCodesAnd}</p>
);
