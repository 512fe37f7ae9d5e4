export const thisIsNotARecording = 'This is not a recording.';
export const theRecordingIsDamagedOrCut = 'The recording is damaged or cut off.';
