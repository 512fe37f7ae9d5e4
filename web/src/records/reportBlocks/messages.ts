export const summary = 'Summary';
export const limitOf = (limit: string) => `limit ${limit}`;
export const location = (caption: string) => `Location: ${caption}`;
