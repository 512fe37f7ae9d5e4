export const portIsInUseSetPort = (port: string) => `Port ${port} is in use. Set PORT to another.`;
export const createTheFirstAccountWith =
  'Accounts are on and there is none yet. Open Phylaxon and create the first one with this code:';
export const otherComputersReachThisServer =
  'Other computers can reach this server. Traffic is not encrypted: use it on your own network only.';
