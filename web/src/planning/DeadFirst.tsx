/** The caution of every plan that is carried out behind the cover. */
export const DeadFirst = () => (
  <p className="mt-3 text-sm text-ink-soft">
    All of it with the panel dead and proved dead, by a qualified electrician. The line side of the main stays
    live.
  </p>
);
