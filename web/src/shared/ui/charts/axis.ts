/** How the words of a chart’s axes look. */
export const AXIS = { fill: 'var(--color-ink-soft)', fontSize: 12 } as const;
