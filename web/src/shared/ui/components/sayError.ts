/** What went wrong, in words. */
export const sayError = (error: unknown): string => (error instanceof Error ? error.message : String(error));
