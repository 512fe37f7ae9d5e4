export const splitTheFileOrCheckIts = (why: string) => `${why} Split the file, or check its contents.`;
export const theFileTakesTooLongTo = 'The file takes too long to process.';
export const theFileNeedsTooMuchMemory = 'The file needs too much memory.';
export const thisImageCannotBeSaved = (why: string) => `This image cannot be saved: ${why}`;
export const itIsCutOffOrDamaged = 'it is cut off or damaged.';
export const itIsCutOff = 'it is cut off.';
export const itIsNotAJpeg = 'it is not a JPEG.';
export const itContainsNoImage = 'it contains no image.';
export const itsSizeIsMissing = 'its size is missing.';
export const aSideExceedsPixels = (mostside: number) => `a side exceeds ${mostside} pixels.`;
export const aTextNumberOrGapHere = 'A text, number or gap here is longer than Phylaxon ever writes.';
export const line = (line: number, message: string) => `Line ${line}: ${message}`;
export const aRowIsLongerThanPhylaxon = 'A row is longer than Phylaxon ever writes.';
export const mustBeAList = (list: string) => `“${list}” must be a list.`;
export const theDataIsNestedDeeperThan = 'The data is nested deeper than Phylaxon ever writes.';
export const isListedTwice = (slice: string) => `“${slice}” is listed twice.`;
export const isNotPartOfThisType = (slice: string) => `“${slice}” is not part of this type of file.`;
export const lineWithPath = (line: number, join: string, message: string) =>
  `Line ${line}, ${join}: ${message}`;
export const thisIdIsUsedTwice = 'This id is used twice.';
export const noBreakerInThisFileHas = 'No breaker in this file has this id.';
export const thisIsNotValidJsonThe = 'this is not valid JSON. The file may be cut off or edited by hand.';
export const anAttachmentCanHaveAtMost = (attachmentBytes: number) =>
  `An attachment can have at most ${attachmentBytes} MB.`;
export const theAttachmentIsDamagedCutOff = 'The attachment is damaged, cut off, or not gzip-compressed.';
export const itIsLongerThanPhylaxonEver = 'It is longer than Phylaxon ever writes.';
export const aFileCanHaveAtMost = (tableLines: number) => `A file can have at most ${tableLines} lines.`;
export const aQuotationMarkIsNotClosed = 'A quotation mark is not closed.';
export const aQuotationMarkIsInThe = 'A quotation mark is in the wrong place.';
export const itHasFewerCellsThanThe = 'It has fewer cells than the first line has columns.';
export const itHasMoreCellsThanThe = 'It has more cells than the first line has columns.';
export const aTableCanHaveAtMost = (mostcolumns: number) =>
  `A table can have at most ${mostcolumns} columns.`;
export const theFirstLineMustNameThe = (names: string, missingCount: string) =>
  `The first line must name the columns: ${names} ${missingCount} missing.`;
export const itDoesNotMatchTheOther = 'It does not match the other lines.';
export const thereAreNoReadingsInThe = 'There are no readings in the file.';
export const theFileIsEmpty = 'The file is empty.';
export const theFileIsLargerThanMb = (most: number) => `The file is larger than ${most} MB.`;
export const photosJpgIsNotUsedIn = (sha256: string) => `photos/${sha256}.jpg is not used in the record.`;
export const thisPhotoIsNotInThe = 'This photo is not in the file. Import the zip.';
export const theAttachmentOfThisEntryIs = 'The attachment of this entry is not in the file. Import the zip.';
export const theAttachmentOfThisEntryIsOf = 'The attachment of this entry is of another type.';
export const theContentOfItsAttachmentDoes = 'The content of its attachment does not match its name.';
export const attachmentsBinIsNotUsedIn = (sha256: string) =>
  `attachments/${sha256}.bin is not used in the record.`;
export const itsContentDoesNotMatchIts = 'its content does not match its name.';
export const itIsNotAnImage = 'it is not an image.';
export const thisIsNotAHandOver = 'This is not a hand-over file.';
export const aHandOverFileCannotContain = 'A hand-over file cannot contain photos.';
export const aHandOverFileCannotContainPanel = 'A hand-over file cannot contain panel entries.';
export const theCaseThisFileRefersTo = 'The case this file refers to is not in it.';
export const theZipIsDamagedOrCut = 'The zip is damaged or cut off.';
export const theZipHasTooManyFiles = 'The zip has too many files.';
export const doesNotBelongInASite = (slice: string) => `“${slice}” does not belong in a site zip.`;
export const isInTheZipTwice = (name: string) => `“${name}” is in the zip twice.`;
export const theZipIsTooLargeWhen = 'The zip is too large when unpacked.';
export const theZipIsDamagedOrContains = 'The zip is damaged, or contains an unsafe file name.';
export const theZipHasNo = (sitename: string) => `The zip has no “${sitename}”.`;
export const isTooLarge = (fileName: string) => `“${fileName}” is too large.`;
export const hasAnImpossibleCompression = (fileName: string) =>
  `“${fileName}” has an impossible compression ratio.`;
export const isDamaged = (fileName: string) => `“${fileName}” is damaged.`;
export const photoProblem = (sha256: string, problem: string) => `photos/${sha256}.jpg: ${problem}`;
