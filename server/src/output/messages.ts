export const linesOfOutputWereLostBecause = (lost: number) =>
  `${lost} lines of output were lost because they could not be written.\n`;
