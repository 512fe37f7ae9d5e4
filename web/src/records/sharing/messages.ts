export const shareALink = 'Share a link';
export const whoeverHasTheLink =
  'Anyone who has the link sees this page and nothing else, without an account, until it expires or you withdraw it.';
export const opensFor = 'Expires after';
export const days = (count: number) => (count === 1 ? '1 day' : `${count} days`);
export const createTheLink = 'Create the link';
export const linkReady = (expires: string) => `The link is ready. It expires ${expires}.`;
export const copy = 'Copy';
export const copied = 'Copied';
export const address = 'Address';
export const qrCode = 'QR code of the link';
export const openLinks = 'Open links to this page';
export const createdExpires = (created: string, expires: string) => `Created ${created}, expires ${expires}`;
export const withdraw = 'Withdraw';
export const keepIt =
  'This is the only time the address is shown. The link opens on devices that can reach this server.';
