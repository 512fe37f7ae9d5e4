export const portIsInUseSetPort = (port: string) => `Port ${port} is in use. Set PORT to another.`;
