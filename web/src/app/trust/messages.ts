export const phylaxon = 'Phylaxon';
export const trustPhylaxon = 'Trust this server · Phylaxon';
export const trustThisServer = 'Trust this server';
export const whyTrust =
  'This server is on your network and issued its own certificate. Your device warns about it until you tell the device to trust it. Do this once on each device, and only on your own network.';
export const downloadTheCertificate = 'Download the certificate';
export const install = 'Install it';
export const compare = 'Compare';
export const compareWith =
  'Open the certificate on the device and compare its SHA-256 fingerprint with the one that the server printed on its console. If they differ, remove the certificate and stop: someone may be intercepting the connection. This page received:';
export const noAuthority = 'This server did not issue its own certificate. There is nothing to install.';
export const open = 'Open Phylaxon';
export const device = 'Device';
export const chainDrawing =
  'The server shows its certificate; the device trusts it because it knows the authority that signed it.';
export const yourDevice = 'your device';
export const authority = 'authority';
export const thisServer = 'this server';
export const DEVICES = [
  {
    id: 'iphone',
    name: 'iPhone or iPad',
    steps: [
      'Open this page in Safari and tap Download the certificate, then Allow.',
      'Open Settings and tap Profile Downloaded, near the top. Tap Install and enter the passcode.',
      'Open Settings, General, About, Certificate Trust Settings. Turn on the entry that begins with Phylaxon.',
    ],
  },
  {
    id: 'android',
    name: 'Android phone',
    steps: [
      'Tap Download the certificate.',
      'Open Settings and search for CA certificate. Tap Install anyway and choose the downloaded file.',
      'If the phone asks for a screen lock first, set one.',
    ],
  },
  {
    id: 'windows',
    name: 'Windows',
    steps: [
      'Download the certificate and open it. Choose Install Certificate.',
      'Choose Current User, then Place all certificates in the following store, Browse, Trusted Root Certification Authorities.',
      'Finish, confirm the fingerprint, and restart the browser.',
    ],
  },
  {
    id: 'mac',
    name: 'macOS',
    steps: [
      'Download the certificate and open it. Keychain Access adds it to the login keychain.',
      'Double-click the entry that begins with Phylaxon, open Trust, and choose Always Trust.',
      'Close the window and enter the password.',
    ],
  },
  {
    id: 'linux',
    name: 'Linux',
    steps: [
      'Download the certificate.',
      'In the browser, open Settings, Privacy and security, Certificates, Authorities. Import the file and trust it for websites.',
      'For the whole system, copy it to /usr/local/share/ca-certificates and run update-ca-certificates as root.',
    ],
  },
] as const;
