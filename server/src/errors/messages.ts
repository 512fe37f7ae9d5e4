export const doesNotExist = (what: string) => `${what} does not exist.`;
