/** Said once on every page that decides something. */
export const Advice = () => (
  <p className="border-t border-rule pt-2 text-sm text-ink-soft">
    Phylaxon advises; the local code and licensed practice decide.
  </p>
);
