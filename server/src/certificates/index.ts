export { givenIdentity, serverIdentity, type ServerIdentity } from './certificates.ts';
export { networkAddress, ownHostNames } from './ownNames.ts';
