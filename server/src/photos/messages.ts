export const aPhotoCanHaveAtMost = 'A photo can have at most 4 MB.';
export const thisPhoto = 'This photo';
