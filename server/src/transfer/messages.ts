export const thePanelChangedWhileTheTable = 'The panel changed while the table was read. Import it again.';
export const isAlreadyHereReplaceItOr = (here: string) =>
  `${here} is already here. Replace it, or import as a copy.`;
export const thisImportOptionIsNotAvailable = 'This import option is not available. Check the preview first.';
export const phylaxonSiteFile = 'Phylaxon site file';
export const aPhotoOfThisSiteIs = (slice: string) =>
  `A photo of this site is missing from the disk (${slice}…). Restore it from a backup, or export the site without photos.`;
