import { PROFILE_LEVEL } from '@phylaxon/core/facts/vocabulary';

/** Fields in which somebody says who is at work. */
const FIELDS = ['openedBy', 'who', 'profile'];

/** No such field lies deeper; whatever was sent may be nested as deep as it likes. */
const DEEPEST = 4;

const isProfile = (value: unknown) => typeof value === 'string' && Object.hasOwn(PROFILE_LEVEL, value);

/**
 * What somebody sent, with whoever is at work in it a homeowner, whatever it says.
 *
 * @param body JSON as it was sent
 * @param depth how deep it is looked into
 */
export function asHomeowner(body: unknown, depth = DEEPEST): unknown {
  if (typeof body !== 'object' || body === null || depth === 0) return body;
  if (Array.isArray(body)) return body.map((one) => asHomeowner(one, depth - 1));
  return Object.fromEntries(
    Object.entries(body).map(([name, value]): [string, unknown] => [
      name,
      FIELDS.includes(name) && isProfile(value) ? 'homeowner' : asHomeowner(value, depth - 1),
    ]),
  );
}
