/** The caution of every plan that is carried out with the cover off. */
export const DeadFirst = () => (
  <p className="mt-3 text-sm text-ink-soft">
    All of this is for a qualified electrician, after de-energizing the panel, locking it out and verifying
    absence of voltage. The line side of the main stays energized.
  </p>
);
