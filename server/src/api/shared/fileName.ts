/** What a file that is saved is called after: a name as every system takes it. */
export const fileName = (name: string) =>
  name
    .normalize('NFKD')
    .replace(/[^\w -]/g, '')
    .trim()
    .replace(/\s+/g, '-')
    .toLowerCase()
    .slice(0, 60) || 'site';
