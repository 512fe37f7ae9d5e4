/** Join class names, leaving out what is false or empty. */
export const classes = (...names: (string | false | null | undefined)[]) => names.filter(Boolean).join(' ');
