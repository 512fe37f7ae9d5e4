/** How large a file may be, and become when it is unpacked. */
export const LIMITS = {
  siteUploadBytes: 2_000_000_000,
  handOverUploadBytes: 50_000_000,
  tableUploadBytes: 20_000_000,
  siteBytes: 400_000_000,
  photoBytes: 4_000_000,
  attachmentBytes: 20_000_000,
  /** A million samples of twelve channels take some 40 MB before they are packed. */
  unpackedAttachmentBytes: 80_000_000,
  allBytes: 2_400_000_000,
  /** The site, its pictures and its attachments. */
  entries: 40_001,
  /** A site’s text packs some ten times smaller; what packs far better holds nothing, or the same over and over. */
  packedTimes: 60,
  /** Below this size it does not matter how well it packs. */
  packedFreelyBytes: 4_000_000,
  /** How deep objects and lists may lie in each other. */
  depth: 16,
  /** Tokens in one row: braces, names, values. */
  rowTokens: 50_000,
  /** Bytes between two tokens: no text of ours is longer. */
  tokenBytes: 1_000_000,
  tableLines: 100_000,
  /** Characters in a line of a table. */
  lineLength: 20_000,
  /** More than this helps nobody. */
  problems: 50,
};
