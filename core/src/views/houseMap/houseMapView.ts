import { circuitMapRead } from '../../panel/circuitMap/index.ts';
import type { HouseMap, MapLooks } from '../../record/panelEntries/index.ts';
import * as messages from './messages.ts';

/** A place of a house with the room it is in. */
export interface MappedPlace {
  id: string;
  room: string;
  name: string;
}

/**
 * The places of a house as somebody types them: a room a line, its places behind a colon, parted by commas.
 *
 * @param text lines
 * @param newId ids for the places
 * @returns rooms with their places, and the lines that are none
 * @example readRooms('Kitchen: counter, hood', newId).rooms[0].places.length // 2
 */
export function readRooms(
  text: string,
  newId: () => string,
): { rooms: HouseMap['rooms']; notUnderstood: string[] } {
  const rooms = new Map<string, HouseMap['rooms'][number]['places']>();
  const notUnderstood: string[] = [];
  for (const line of text.split('\n').map((one) => one.trim())) {
    if (line === '') continue;
    const at = line.indexOf(':');
    const [room, list] = at < 0 ? ['', ''] : [line.slice(0, at).trim(), line.slice(at + 1)];
    const names = list
      .split(/[,;]/)
      .map((one) => one.trim())
      .filter(Boolean);
    if (room === '' || names.length === 0) {
      notUnderstood.push(line);
      continue;
    }
    rooms.set(room, [...(rooms.get(room) ?? []), ...names.map((name) => ({ id: newId(), name }))]);
  }
  return { rooms: [...rooms].map(([name, places]) => ({ name, places })), notUnderstood };
}

/**
 * The places of a house as typed, with one more: for somebody who walks through it and adds what they see.
 *
 * @param text as `readRooms` takes it
 * @param room in which it is
 * @param place what it is called
 * @returns the same text, the place behind the others of its room, or a new room at the end
 * @example withPlace('Kitchen: counter', 'Kitchen', 'hood') // 'Kitchen: counter, hood'
 */
export function withPlace(text: string, room: string, place: string): string {
  // What parts rooms and places is not part of a name.
  const [ofRoom, ofPlace] = [room, place].map((name) => name.replace(/[:,;\n]+/g, ' ').trim()) as [
    string,
    string,
  ];
  const lines = text.split('\n').filter((line) => line.trim() !== '');
  const at = lines.findLastIndex((line) => line.split(':')[0]!.trim() === ofRoom && line.includes(':'));
  if (at < 0) return [...lines, `${ofRoom}: ${ofPlace}`].join('\n');
  return lines.map((line, i) => (i === at ? `${line.trimEnd()}, ${ofPlace}` : line)).join('\n');
}

/** What a place turned out to be. */
export interface PlaceRead extends MappedPlace {
  /** `one`: fed by that breaker; `two`: dead only with both off; `never`: it was never dead; `always`: it was dead in every round; `again`: its looks contradict; `open`: not looked at enough. */
  is: 'one' | 'two' | 'never' | 'always' | 'again' | 'open';
  breakerIds: string[];
  /** A look that did not fit was put right. */
  mended: boolean;
  /** Rounds in which it is to be looked at again. */
  again: number[];
}

/**
 * What was seen of each place in each round; what was told last counts.
 *
 * @param map the places and rounds
 * @param told what was dead and alive, in the order in which it was told
 * @returns by place: dead, alive, or not looked at
 * @example looksOf(map, []).get(placeId) // [null, null]
 */
export function looksOf(
  { rooms, rounds }: HouseMap,
  told: readonly MapLooks[],
): Map<string, (boolean | null)[]> {
  const looks = new Map(
    rooms.flatMap(({ places }) =>
      places.map(({ id }) => [id, rounds.map((): boolean | null => null)] as const),
    ),
  );
  for (const { round, looks: list } of told)
    for (const { placeId, dead } of list) {
      const of = looks.get(placeId);
      if (of) of[round] = dead;
    }
  return looks;
}

/** Two breakers that explain it together: dead where both are off, and nowhere else. */
function pairOf(
  rounds: readonly ReadonlySet<string>[],
  ids: readonly string[],
  dead: readonly (boolean | null)[],
): string[] | null {
  const pairs: string[][] = [];
  ids.forEach((a, i) =>
    ids.slice(i + 1).forEach((b) => {
      if (dead.every((is, round) => is === null || is === (rounds[round]!.has(a) && rounds[round]!.has(b))))
        pairs.push([a, b]);
    }),
  );
  return pairs.length === 1 ? pairs[0]! : null;
}

/**
 * What each place turned out to be, and what has to be looked at again: only that.
 *
 * @param map the places and rounds
 * @param told what was dead and alive, in the order in which it was told
 * @returns one answer a place, in the order of the rooms
 * @example readHouseMap(map, [])[0].is // 'open'
 */
export function readHouseMap(map: HouseMap, told: readonly MapLooks[]): PlaceRead[] {
  const looks = looksOf(map, told);
  const ids = [...new Set(map.rounds.flatMap(({ off }) => off))];
  const off = map.rounds.map((round) => new Set(round.off));
  const { places } = circuitMapRead({
    breakers: ids.map((id) => ({ id, mayBeOff: true })),
    check: map.check,
    rounds: map.rounds,
    places: [...looks].map(([id, dead]) => ({ id, dead })),
  });
  const times = new Map<string, number>();
  for (const { round, looks: list } of told)
    for (const { placeId } of list)
      times.set(`${placeId} ${round}`, (times.get(`${placeId} ${round}`) ?? 0) + 1);
  const answers = new Map(places.map((place) => [place.id, place]));
  return map.rooms.flatMap(({ name: room, places: list }) =>
    list.map(({ id, name }): PlaceRead => {
      const { feeds, sure, mended } = answers.get(id)!;
      const dead = looks.get(id)!;
      const place = { id, room, name, mended };
      if (sure && feeds.length === 0) return { ...place, is: 'never', breakerIds: [], again: [] };
      if (sure) return { ...place, is: 'one', breakerIds: feeds, again: [] };
      const unseen = dead.flatMap((is, round) => (is === null ? [round] : []));
      if (unseen.length > 0) return { ...place, is: 'open', breakerIds: feeds, again: unseen };
      // Where what it might be disagrees with what was seen, one of the two is a slip.
      const odd = dead.flatMap((is, round) =>
        feeds.some((feed) => off[round]!.has(feed) !== is) || (feeds.length === 0 && is === true)
          ? [round]
          : [],
      );
      const again = odd.length > 0 ? odd : dead.map((_is, round) => round);
      // A slip is likelier than anything else: the rest is told once it was looked at twice.
      const isSeenTwice = again.every((round) => times.get(`${id} ${round}`)! > 1);
      if (isSeenTwice && dead.every((is) => is === true))
        return { ...place, is: 'always', breakerIds: [], again: [] };
      const pair = isSeenTwice ? pairOf(off, ids, dead) : null;
      if (pair) return { ...place, is: 'two', breakerIds: pair, again: [] };
      return { ...place, is: 'again', breakerIds: feeds, again };
    }),
  );
}

/**
 * What a map tells of a shared neutral: opened with one half still on, it is live.
 *
 * @param breaker that feeds the places
 * @param sharesNeutral that its circuit shares its neutral, by the record
 * @param places that it feeds
 * @returns a sentence; `null`: nothing speaks for one
 * @example sharedNeutral({ poles: 1 }, false, 3) // null
 */
export function sharedNeutral(
  { poles }: { poles: number },
  sharesNeutral: boolean,
  places: number,
): string | null {
  if (poles > 1 && places > 1) return messages.theseAreOnATwoPole;
  return sharesNeutral ? messages.byTheRecordThisCircuitShares : null;
}

/** So long a name of a circuit may be. */
const MOST_LABEL = 110;

/**
 * What a breaker feeds, as a line of the directory: rooms first.
 *
 * @param places that it feeds
 * @returns text; shortened to rooms where it would be too long
 * @example directoryLine([{ id: 'a', room: 'Kitchen', name: 'hood' }]) // 'Kitchen: hood'
 */
export function directoryLine(places: readonly MappedPlace[]): string {
  const rooms = new Map<string, string[]>();
  for (const { room, name } of places) rooms.set(room, [...(rooms.get(room) ?? []), name]);
  const full = [...rooms].map(([room, names]) => `${room}: ${names.join(', ')}`).join('; ');
  if (full.length <= MOST_LABEL) return full;
  const short = [...rooms.keys()].join(', ');
  return short.length <= MOST_LABEL ? short : `${short.slice(0, MOST_LABEL - 1)}…`;
}
