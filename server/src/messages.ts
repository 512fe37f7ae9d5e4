export const portIsInUseSetPort = (port: string) => `Port ${port} is in use. Set PORT to another.`;
export const createTheFirstAccountWith =
  'Accounts are on and there is none yet. Open Phylaxon and create the first one with this code:';
export const onOtherDevices = (address: string, trust: string) =>
  `On other devices: ${address}\nThe first time, open ${trust} there. It shows how to trust this server.`;
export const fingerprintOfTheCertificate = (fingerprint: string) =>
  `Certificate fingerprint (SHA-256): ${fingerprint}`;
export const thisComputerIsOnNoNetwork = 'This computer is on no network: other devices cannot reach it.';
export const otherComputersReachThisServer =
  'Other computers can reach this server. Traffic is not encrypted: use npm start -- --lan for HTTPS.';
