import { describe, expect, test } from '@jest/globals';
import { uuid } from '../../testing/index.ts';
import {
  checkSiteFile,
  siteFileText,
  siteFile,
  SITE_FILE_VERSION,
  upgradeRow,
  versionOf,
  withNewIds,
  type SiteFile,
} from './index.ts';

const at = '2026-10-01T12:00:00.000Z';
const NOW = '2026-10-02T12:00:00.000Z';
const PANEL = uuid(10);
const SUB = uuid(11);
const [FEEDER, LATHE, SAW, MAIN] = [uuid(20), uuid(21), uuid(22), uuid(23)];
const breaker = (id: string, space: number | null, more: object = {}) => ({
  id,
  panelId: PANEL,
  role: space === null ? 'main' : 'branch',
  space,
  poles: space === null ? 2 : 1,
  ratingAmps: 20,
  kind: 'standard',
  onDirection: 'right',
  createdAt: at,
  ...more,
});

/** A small site that holds together; each test breaks one thing of it. */
const whole = () => ({
  format: 'phylaxon-site',
  version: SITE_FILE_VERSION,
  site: { id: uuid(1), name: 'Loft', createdAt: at },
  panels: [
    { id: PANEL, name: 'Main', spaces: 12, createdAt: at },
    { id: SUB, name: 'Sub', spaces: 4, fedByBreakerId: FEEDER, createdAt: at },
  ],
  breakers: [
    breaker(MAIN, null),
    breaker(FEEDER, 5, { poles: 2 }),
    breaker(LATHE, 1, { tiedWith: SAW }),
    breaker(SAW, 3, { tiedWith: LATHE }),
    breaker(uuid(24), 1, { removedAt: at, replaces: null }),
  ],
  circuits: [{ id: uuid(30), breakerId: LATHE, label: 'Lathe', loads: [], version: 1 }],
  readings: [
    { id: uuid(40), breakerId: LATHE, at, loggedAt: at, quantity: 'voltage', point: 'outlet', value: 119 },
  ],
  events: [{ id: uuid(50), breakerId: SAW, at, loggedAt: at, kind: 'trip', pace: 'minutes' }],
  strikes: [{ id: uuid(60), kind: 'readings', entryId: uuid(40), at, why: 'misread' }],
});
type Raw = ReturnType<typeof whole>;

const problems = (change: (raw: Raw) => void) => {
  const raw = whole();
  change(raw);
  return checkSiteFile(siteFile.parse(raw), NOW).map(({ path, message }) => `${path.join('.')}: ${message}`);
};

describe('what must hold together', () => {
  test('a whole site has no problems', () => expect(problems(() => undefined)).toEqual([]));

  test.each<[string, (raw: Raw) => void, RegExp]>([
    ['an id twice', (f) => (f.breakers[4]!.id = LATHE), /^breakers\.4\.id: This id is used twice/],
    ['a breaker of no panel', (f) => (f.breakers[4]!.panelId = uuid(99)), /^breakers\.4\.panelId: No panel/],
    [
      'a reading of no breaker',
      (f) => (f.readings[0]!.breakerId = uuid(99)),
      /^readings\.0\.breakerId: No breaker/,
    ],
    [
      'two circuits on one breaker',
      (f) => f.circuits.push({ ...f.circuits[0]!, id: uuid(31) }),
      /already has a circuit/,
    ],
    [
      'two breakers in one space',
      (f) => Object.assign(f.breakers[4]!, { removedAt: null }),
      /^breakers\.4\.space: Space 1 is taken/,
    ],
    ['a breaker past the end', (f) => Object.assign(f.breakers[1]!, { space: 11 }), /would need space 13/],
    ['two mains', (f) => f.breakers.push(breaker(uuid(25), null) as never), /already has a main/],
    [
      'a tie to one that is not tied back',
      (f) => Object.assign(f.breakers[3]!, { tiedWith: null }),
      /does not join two breakers/,
    ],
    ['a tie across columns', (f) => Object.assign(f.breakers[3]!, { space: 2 }), /different columns/],
    [
      'a feed from nowhere',
      (f) => Object.assign(f.panels[1]!, { fedByBreakerId: uuid(99) }),
      /No breaker in this file/,
    ],
    ['a feed from one pole', (f) => Object.assign(f.panels[1]!, { fedByBreakerId: LATHE }), /only one leg/],
    [
      'a part that replaced itself',
      (f) => Object.assign(f.breakers[4]!, { replaces: f.breakers[4]!.id }),
      /comes back to itself|No other breaker/,
    ],
    [
      'parts that replaced each other',
      (f) => (
        Object.assign(f.breakers[2]!, { replaces: SAW }),
        Object.assign(f.breakers[3]!, { replaces: LATHE })
      ),
      /forms a loop/,
    ],
    [
      'a strike of nothing',
      (f) => (f.strikes[0]!.entryId = uuid(99)),
      /^strikes\.0\.entryId: None of the readings/,
    ],
    ['a strike of another kind', (f) => (f.strikes[0]!.kind = 'events'), /None of the events/],
    ['two strikes of one entry', (f) => f.strikes.push({ ...f.strikes[0]!, id: uuid(61) }), /already void/],
    [
      'breakers in a panel that is gone',
      (f) => Object.assign(f.panels[0]!, { removedAt: at }),
      /was removed from the site/,
    ],
  ])('%s is told where it is', (_what, change, expected) => {
    expect(problems(change).join('\n')).toMatch(expected);
  });
});

/** A file of an older version, each of its rows brought up. */
function upgraded(file: object): object {
  const { format, version, ...rest } = file as Record<string, unknown>;
  const from = versionOf(format, version) as number;
  const lists: Record<string, unknown[]> = {};
  for (const [list, rows] of Object.entries(rest)) {
    if (!Array.isArray(rows)) continue;
    for (const one of rows.flatMap((row: unknown) => upgradeRow({ list, row }, from)))
      (lists[one.list] ??= []).push(one.row);
  }
  return { format, version: SITE_FILE_VERSION, site: rest.site, ...lists };
}

describe('visits in a file', () => {
  const visitId = uuid(70);
  const task = {
    ...{ id: 'saw', work: 'replace', breakerId: SAW, partId: uuid(71), label: 'Saw', space: 3 },
    ...{ poles: 1, ratingAmps: 20 },
  };
  const visit = (id = uuid(72)) => ({
    ...{ id, panelId: PANEL, kind: 'visit', at, loggedAt: at, bytes: null },
    content: { visitId, tasks: [task], off: 'its main breaker', minutes: 30 },
  });
  const step = (n: number, fact: object, id = uuid(80 + n)) => ({
    ...{ id, panelId: PANEL, kind: 'visit-step', at, loggedAt: at, bytes: null },
    content: { visitId, n, fact },
  });
  const begun = [visit(), step(0, { is: 'dressed' }), step(1, { is: 'tester-proved', volts: 121 })];
  const found = (entries: object[], strikes: object[] = []) =>
    checkSiteFile(
      siteFile.parse({ ...whole(), panelEntries: entries, strikes: [...whole().strikes, ...strikes] }),
      NOW,
    ).map(({ path, message }) => `${path.join('.')}: ${message}`);

  test('a visit under way holds together, and steps that were struck do not count', () => {
    expect(found(begun)).toEqual([]);
    const strike = { id: uuid(90), kind: 'panelEntries', entryId: uuid(82), at, why: 'A slip' };
    expect(found([...begun, step(2, { is: 'main-on' })], [strike])).toEqual([]);
  });

  test.each<[string, object[], RegExp]>([
    ['a gap', [...begun, step(3, { is: 'handles-off' })], /are not in order/],
    ['a step told twice', [...begun, step(1, { is: 'handles-off' }, uuid(95))], /are not in order/],
    [
      'a step that no gate passes',
      [...begun, step(2, { is: 'swapped', id: 'saw' })],
      /does not allow this step/,
    ],
    ['two visits of one id', [...begun, visit(uuid(96))], /Another visit has this id/],
    [
      'a step at another panel',
      [...begun, { ...step(2, { is: 'handles-off' }), panelId: SUB }],
      /are not in order/,
    ],
    ['an entry of 2199', [{ ...visit(), at: '2199-01-01T00:00:00.000Z' }], /more than a year in the future/],
  ])('%s is told', (_what, entries, expected) => {
    expect(found(entries)).toEqual([expect.stringMatching(expected)]);
  });
});

test('nineteen thousand breakers, each in the place of the one before, are looked through one by one', () => {
  const many = Array.from({ length: 19_000 }, (_, n) =>
    breaker(uuid(1000 + n), 1, { removedAt: at, replaces: n === 0 ? null : uuid(999 + n) }),
  );
  const file = siteFile.parse({ ...whole(), breakers: [...whole().breakers, ...many] });
  expect(checkSiteFile(file, NOW)).toEqual([]);
  const sitting = many.map((one) => ({ ...one, removedAt: null, replaces: null }));
  const full = siteFile.parse({ ...whole(), breakers: [...whole().breakers, ...sitting] });
  expect(checkSiteFile(full, NOW)[0]!.message).toMatch(/more breakers than spaces/);
});

describe('versions', () => {
  test('of version 5, which knew no inspections, two words change', () => {
    const { circuits, events, ...raw } = whole();
    const held = {
      id: uuid(51),
      breakerId: SAW,
      at,
      loggedAt: at,
      kind: 'held',
      amps: 12,
      afterSeconds: 600,
    };
    const old = { ...raw, circuits: [{ ...circuits[0]!, rules: 'school' }], events: [...events, held] };
    const read = siteFile.parse(upgraded({ ...old, version: 5 }));
    expect(read).toEqual(siteFile.parse({ ...whole(), events: [...events, { ...held, kind: 'no-trip' }] }));
    expect([read.inspections, read.circuits[0]!.rules]).toEqual([[], 'policy']);
  });

  test('of version 2 nothing changes but what it did not know: curves, holds, how loads run', () => {
    const read = siteFile.parse(upgraded({ ...whole(), version: 2 }));
    expect(read).toEqual(siteFile.parse(whole()));
    expect(read.curves).toEqual([]);
  });

  test('of version 1 the strikes leave their entries and the split rule becomes the policy’s', () => {
    const { strikes: _strikes, ...raw } = whole();
    const old = {
      ...raw,
      version: 1,
      circuits: [{ ...raw.circuits[0]!, rules: 'split' }],
      readings: [{ ...raw.readings[0]!, struck: { at, why: 'misread', replacedBy: null } }],
      events: [{ ...raw.events[0]!, struck: null }],
    };
    const file = siteFile.parse(upgraded(old));
    expect(file.circuits[0]!.rules).toBe('policy');
    expect(file.strikes).toMatchObject([{ kind: 'readings', entryId: uuid(40), why: 'misread' }]);
    expect(checkSiteFile(file, NOW)).toEqual([]);
  });

  test.each([
    [null, /not a site file/],
    [[], /not a site file/],
    [{ format: 'other', version: 3 }, /not a site file/],
    [{ format: 'phylaxon-site' }, /whole number/],
    [{ format: 'phylaxon-site', version: 0 }, /whole number/],
    [
      { format: 'phylaxon-site', version: SITE_FILE_VERSION + 1 },
      new RegExp(`newer version .${SITE_FILE_VERSION + 1}`),
    ],
  ])('%j is told', (raw, expected) => {
    const { format, version } = (raw ?? {}) as { format?: unknown; version?: unknown };
    expect(versionOf(format, version)).toMatchObject({ message: expect.stringMatching(expected) });
  });
});

describe('as text', () => {
  const file: SiteFile = siteFile.parse(whole());

  const textOf = async ({ format, version, site, ...lists }: SiteFile, pageOf: number) => {
    async function* pages(rows: readonly object[]) {
      for (let i = 0; i < rows.length; i += pageOf) yield rows.slice(i, i + pageOf);
    }
    const named = Object.entries(lists).map(([name, rows]) => [name, pages(rows)] as const);
    let text = '';
    for await (const piece of siteFileText({ format, version, site }, named)) text += piece;
    return text;
  };

  test('a row stands on a line of its own, and comes back as it was', async () => {
    const text = await textOf(file, 100);
    expect(JSON.parse(text)).toEqual(file);
    const rows = [file.panels, file.breakers, file.circuits, file.readings, file.events, file.strikes].flat();
    const lines = text.split('\n');
    for (const row of rows)
      expect(lines.some((line) => line.replace(/,$/, '') === JSON.stringify(row))).toBe(true);
  });

  test('it is the same text however its rows come', async () => {
    const whole = await textOf(file, 100);
    for (const pageOf of [1, 2, 3]) expect(await textOf(file, pageOf)).toBe(whole);
  });

  test('under new ids it is the same site: everything still points where it did', () => {
    let n = 500;
    const fresh = new Map<string, string>();
    const copy = withNewIds(file, (id) => {
      fresh.set(id, fresh.get(id) ?? uuid(n++));
      return fresh.get(id)!;
    });
    expect(checkSiteFile(siteFile.parse(copy), NOW)).toEqual([]);
    expect(copy.site.id).not.toBe(file.site.id);
    expect(copy.readings[0]!.value).toBe(119);
  });
});
