export const thisTypeOfEntryHasNo = 'This type of entry has no attachment.';
export const nameTheAttachmentUploadItFirst = 'Name the attachment. Upload it first.';
