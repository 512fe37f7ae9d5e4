import { sayError } from '../components/index.ts';
import type { FieldPath, FieldValues, UseFormReturn } from 'react-hook-form';
import { RequestError } from '../../api/index.ts';

/** Everything the server said of something that was sent, line by line. */
export function problemsOf(error: unknown): string[] {
  const told = error instanceof RequestError ? error.issues.map(({ message }) => message) : [];
  return told.length > 0 ? told : [sayError(error)];
}

/**
 * Put what the server said of an entry where it belongs: at its field, or over the form.
 *
 * @param toField the form's field for the server's path, if it has one
 */
export function showErrors<V extends FieldValues, C, T>(
  form: UseFormReturn<V, C, T>,
  error: unknown,
  toField: (path: string) => FieldPath<V> | undefined = (path) => path as FieldPath<V>,
) {
  const issues = error instanceof RequestError ? error.issues : [];
  let placed = false;
  for (const { path, message } of issues) {
    const field = toField(path);
    if (field === undefined) continue;
    form.setError(field, { message });
    placed = true;
  }
  if (!placed) form.setError('root', { message: sayError(error) });
}
