export const phylaxonOn = (machine: string) => `Phylaxon on ${machine}`;
export const theCertificateCannotBeRead = (why: string) =>
  `The certificate or its key cannot be read: ${why}. Check PHYLAXON_TLS_CERT and PHYLAXON_TLS_KEY.`;
