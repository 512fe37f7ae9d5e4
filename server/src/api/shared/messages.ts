export const anAddressCanHaveAtMost = 'An address can have at most 200 characters.';
export const enterOnlyTheServerAddressSuch =
  'Enter only the server address, such as http://panel.local:4710.';
