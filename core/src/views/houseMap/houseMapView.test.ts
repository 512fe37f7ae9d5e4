import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { seeded } from '../../facts/random/index.ts';
import { MAP_CHECKS, type MapCheck } from '../../panel/circuitMap/index.ts';
import type { HouseMap, MapLooks } from '../../record/panelEntries/index.ts';
import { mappedHouse, walkRounds } from '../../benchmarks/index.ts';
import {
  directoryLine,
  mapMinutes,
  readHouseMap,
  readRooms,
  roundsOf,
  sharedNeutral,
  withPlace,
} from './index.ts';

let count = 0;
const newId = () => `p${++count}`;

const mapOf = (placeIds: readonly string[], rounds: HouseMap['rounds'], check: MapCheck): HouseMap => ({
  mapId: 'map',
  check,
  rooms: [{ name: 'House', places: placeIds.map((id) => ({ id, name: id })) }],
  stayOn: [],
  rounds,
  secondStage: null,
});

describe('a shared neutral', () => {
  test('is told of two poles with several places, and of what the record says', () => {
    expect(sharedNeutral({ poles: 2 }, false, 2)).toContain('two-pole');
    expect(sharedNeutral({ poles: 2 }, false, 1)).toBeNull();
    expect(sharedNeutral({ poles: 1 }, true, 1)).toContain('By the record');
    expect(sharedNeutral({ poles: 1 }, false, 9)).toBeNull();
  });
});

describe('places, room by room', () => {
  test('are typed a room a line; a room said twice is one; what is no line is told', () => {
    const { rooms, notUnderstood } = readRooms(
      'Kitchen: counter, hood;\n\nHall: lamp\nKitchen: oven\njust words\n: x',
      newId,
    );
    expect(rooms.map(({ name, places }) => [name, places.map((one) => one.name)])).toEqual([
      ['Kitchen', ['counter', 'hood', 'oven']],
      ['Hall', ['lamp']],
    ]);
    expect(notUnderstood).toEqual(['just words', ': x']);
  });

  test('a breaker’s line of the directory names rooms first, and stays short', () => {
    const place = (room: string, name: string) => ({ id: name, room, name });
    expect(directoryLine([place('Kitchen', 'hood'), place('Hall', 'lamp'), place('Kitchen', 'oven')])).toBe(
      'Kitchen: hood, oven; Hall: lamp',
    );
    const many = Array.from({ length: 30 }, (_, i) =>
      place(i % 2 ? 'Kitchen' : 'Hall', `outlet number ${i}`),
    );
    expect(directoryLine(many)).toBe('Hall, Kitchen');
  });
});

describe('reading the rounds', () => {
  const ids = ['a', 'b', 'c', 'd', 'e'];
  const rounds = roundsOf(ids, 'rounds', 'detect');
  const map = mapOf(['p'], rounds, 'detect');
  const look = (round: number, dead: boolean): MapLooks => ({
    mapId: 'map',
    round,
    looks: [{ placeId: 'p', dead }],
  });
  const seen = (isDead: (off: readonly string[]) => boolean) =>
    rounds.map(({ off }, i) => look(i, isDead(off)));

  test('a place is its breaker’s, fed from elsewhere, or not looked at enough', () => {
    expect(readHouseMap(map, [])[0]).toMatchObject({ is: 'open', again: rounds.map((_round, i) => i) });
    expect(
      readHouseMap(
        map,
        seen((off) => off.includes('c')),
      )[0],
    ).toMatchObject({ is: 'one', breakerIds: ['c'] });
    expect(
      readHouseMap(
        map,
        seen(() => false),
      )[0],
    ).toMatchObject({ is: 'never', breakerIds: [] });
  });

  test('a slip is asked again, only that; the later look counts', () => {
    const right = seen((off) => off.includes('c'));
    const slipped = [...right, look(0, !right[0]!.looks[0]!.dead)];
    const [place] = readHouseMap(map, slipped);
    expect(place!.is).toBe('again');
    expect(place!.again).toContain(0);
    expect(readHouseMap(map, [...slipped, look(0, right[0]!.looks[0]!.dead)])[0]).toMatchObject({
      is: 'one',
      breakerIds: ['c'],
    });
  });

  test('a place on two breakers is told once it was looked at twice', () => {
    const one = roundsOf(ids, 'one-by-one', 'none');
    const both = { ...map, rounds: [...rounds, { off: ['a', 'b'] }, { off: ['b', 'c'] }] };
    const dead = both.rounds.map(({ off }, i) => look(i, off.includes('a') && off.includes('b')));
    const [once] = readHouseMap(both, dead);
    expect(once!.is).not.toBe('two');
    expect(readHouseMap(both, [...dead, ...dead])[0]).toMatchObject({ is: 'two', breakerIds: ['a', 'b'] });
    expect(one).toHaveLength(5);
  });

  test('breaker after breaker reads as well', () => {
    const one = roundsOf(ids, 'one-by-one', 'none');
    const told = one.map(({ off }, i) => look(i, off.includes('d')));
    expect(readHouseMap(mapOf(['p'], one, 'none'), told)[0]).toMatchObject({ is: 'one', breakerIds: ['d'] });
    expect(roundsOf([], 'rounds', 'none')).toEqual([]);
  });

  test('in few rounds it is quicker than calling to somebody at the panel', () => {
    const off = roundsOf(
      Array.from({ length: 21 }, (_, i) => `${i}`),
      'rounds',
      'detect',
    ).map((one) => one.off.length);
    const { rounds: few, oneByOne } = mapMinutes(off, 21, 30);
    expect(few).toBeLessThan(oneByOne);
  });

  test('2,000 simulated houses, one look in a hundred wrong: one slip is never taken for sure, or is put right', () => {
    const random = seeded(19_000);
    const told = { none: 0, detect: 0, correct: 0 };
    for (let i = 0; i < 2000; i++) {
      const check = MAP_CHECKS[i % 3]!;
      const house = mappedHouse(random, 4 + Math.floor(random() * 38), 10 + Math.floor(random() * 30));
      const plan = mapOf([...house.fedBy.keys()], roundsOf(house.breakerIds, 'rounds', check), check);
      const walked = walkRounds(house, plan.rounds, random, 0.01);
      for (const { id, is, breakerIds, mended } of readHouseMap(plan, walked.told)) {
        const feed = house.fedBy.get(id)!;
        const isRight = is === 'one' ? breakerIds[0] === feed : is === 'never' && feed === null;
        const slips = walked.slipsAt.get(id)!;
        if (slips === 0) expect([isRight, mended]).toEqual([true, false]);
        if (slips !== 1 || check === 'none') continue;
        told[check]++;
        if (check === 'detect') expect(is).toBe('again');
        else expect([isRight, mended]).toEqual([true, true]);
      }
    }
    expect(Math.min(told.detect, told.correct)).toBeGreaterThan(500);
  });
});

test('a place that is added stands with its room, whatever it is called', () => {
  expect(withPlace('', 'Hall', 'lamp')).toBe('Hall: lamp');
  expect(withPlace('Kitchen: counter\nHall: lamp', 'Kitchen', 'hood')).toBe(
    'Kitchen: counter, hood\nHall: lamp',
  );
  const names = fc.stringMatching(/^[A-Za-z:;, ]{0,8}[A-Za-z]$/);
  fc.assert(
    fc.property(fc.array(fc.tuple(names, names), { maxLength: 12 }), (places) => {
      const text = places.reduce((typed, [room, place]) => withPlace(typed, room, place), '');
      const { rooms, notUnderstood } = readRooms(text, () => 'id');
      expect(notUnderstood).toEqual([]);
      expect(rooms.flatMap((room) => room.places)).toHaveLength(places.length);
    }),
  );
});
