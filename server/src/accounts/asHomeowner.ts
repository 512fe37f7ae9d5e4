import { PROFILE_LEVEL } from '@phylaxon/core/facts/vocabulary';

/** Fields in which somebody says who is at work. */
const FIELDS = ['openedBy', 'who', 'profile'];

/**
 * What somebody sent, with whoever is at work in it a homeowner, whatever it says.
 *
 * @param body JSON as it was sent
 */
export function asHomeowner(body: unknown): unknown {
  if (Array.isArray(body)) return body.map(asHomeowner);
  if (typeof body !== 'object' || body === null) return body;
  return Object.fromEntries(
    Object.entries(body).map(([name, value]): [string, unknown] => [
      name,
      FIELDS.includes(name) && typeof value === 'string' && Object.hasOwn(PROFILE_LEVEL, value)
        ? 'homeowner'
        : asHomeowner(value),
    ]),
  );
}
