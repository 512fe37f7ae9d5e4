/** Words as they begin a line. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
