/** The screens that everything is looked at on. */
export const LOOKS = [
  { name: 'desk', size: { width: 1280, height: 800 } },
  { name: 'phone', size: { width: 390, height: 844 } },
] as const;
