/** A path of the API with ids in the place of their names. */
export const filledPath = (path: string, params: Record<string, string>): string =>
  path.replace(/:(\w+)/g, (_, name: string) => {
    const id = params[name];
    if (id === undefined) throw new Error(`${path} needs “${name}”.`);
    return encodeURIComponent(id);
  });
