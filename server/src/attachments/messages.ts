export const thisAttachment = 'This attachment';
