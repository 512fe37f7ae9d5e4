export const photoToSave = 'Photo to save';
export const whatDoesThePhotoShow = 'What does the photo show?';
export const saving = 'Saving …';
export const savePhoto = 'Save photo';
export const cancel = 'Cancel';
export const addAPhoto = 'Add a photo';
