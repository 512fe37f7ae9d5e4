/** A file that cannot be taken, told in words, and where in it. */
export class FileRefused extends Error {
  constructor(
    message: string,
    readonly issues: { path: string; message: string }[] = [{ path: 'file', message }],
    readonly code = 'invalid_input',
  ) {
    super(message);
  }
}
