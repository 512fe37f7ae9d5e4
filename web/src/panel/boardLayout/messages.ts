export const span = (along: number, length: number) => `${along} / span ${length}`;
export const columnsAndRowsOfSpaces = (columns: number, rows: number) =>
  `${columns} columns and ${rows} rows of spaces`;
export const theHandleAtIsTiedTo = (tied: string) =>
  `The handle at ${tied} is tied to its neighbor’s, so the two must stay together. Remove the handle tie first.`;
