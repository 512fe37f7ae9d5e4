import type { MigrationInterface, QueryRunner } from 'typeorm';
import { lowerCaseIds } from './lowerCaseIds.ts';

/** Runs statements one by one: the binding takes only the first of several in a call. */
async function runAll(runner: QueryRunner, statements: string[]) {
  for (const statement of statements) await runner.query(statement);
}

const LOGGED = `
  "id" TEXT PRIMARY KEY NOT NULL,
  "breakerId" TEXT NOT NULL REFERENCES "breaker" ("id"),
  "at" TEXT NOT NULL,
  "loggedAt" TEXT NOT NULL,
  "note" TEXT NOT NULL`;

const CREATE_TABLES = [
  `CREATE TABLE "site" (
    "id" TEXT PRIMARY KEY NOT NULL, "name" TEXT NOT NULL, "note" TEXT NOT NULL, "createdAt" TEXT NOT NULL)`,
  `CREATE TABLE "panel" (
    "id" TEXT PRIMARY KEY NOT NULL,
    "siteId" TEXT NOT NULL REFERENCES "site" ("id"),
    "name" TEXT NOT NULL,
    "spaces" INTEGER NOT NULL CHECK ("spaces" BETWEEN 2 AND 84),
    "orientation" TEXT NOT NULL,
    "busAmps" REAL,
    "family" TEXT NOT NULL,
    "createdAt" TEXT NOT NULL)`,
  `CREATE TABLE "breaker" (
    "id" TEXT PRIMARY KEY NOT NULL,
    "panelId" TEXT NOT NULL REFERENCES "panel" ("id"),
    "role" TEXT NOT NULL,
    "space" INTEGER,
    "half" TEXT,
    "poles" INTEGER NOT NULL CHECK ("poles" IN (1, 2)),
    "ratingAmps" REAL NOT NULL CHECK ("ratingAmps" > 0),
    "kind" TEXT NOT NULL,
    "family" TEXT NOT NULL,
    "onDirection" TEXT NOT NULL,
    "installedOn" TEXT,
    "createdAt" TEXT NOT NULL,
    "removedAt" TEXT,
    CHECK (("role" = 'main') = ("space" IS NULL)))`,
  `CREATE TABLE "circuit" (
    "id" TEXT PRIMARY KEY NOT NULL,
    "breakerId" TEXT NOT NULL UNIQUE REFERENCES "breaker" ("id"),
    "label" TEXT NOT NULL,
    "gauge" TEXT,
    "material" TEXT,
    "insulationC" INTEGER,
    "cable" TEXT,
    "terminalC" INTEGER NOT NULL,
    "ambientC" REAL NOT NULL,
    "currentCarrying" INTEGER NOT NULL,
    "lengthM" REAL,
    "portableReceptacles" INTEGER NOT NULL,
    "minCircuitAmps" REAL,
    "maxBreakerAmps" REAL,
    "rules" TEXT NOT NULL)`,
  `CREATE TABLE "load" (
    "id" TEXT PRIMARY KEY NOT NULL,
    "circuitId" TEXT NOT NULL REFERENCES "circuit" ("id") ON DELETE CASCADE,
    "position" INTEGER NOT NULL,
    "name" TEXT NOT NULL,
    "volts" INTEGER NOT NULL,
    "watts" REAL,
    "voltAmperes" REAL,
    "continuous" INTEGER NOT NULL,
    CHECK ("watts" IS NOT NULL OR "voltAmperes" IS NOT NULL))`,
  `CREATE TABLE "reading" (${LOGGED},
    "quantity" TEXT NOT NULL,
    "point" TEXT NOT NULL,
    "value" REAL NOT NULL,
    "ambientC" REAL,
    "loadState" TEXT NOT NULL,
    "instrument" TEXT NOT NULL)`,
  `CREATE TABLE "event" (${LOGGED},
    "kind" TEXT NOT NULL,
    "position" TEXT,
    "feel" TEXT,
    "result" TEXT,
    "power" TEXT,
    "pace" TEXT,
    "afterSeconds" REAL,
    "amps" REAL,
    "preloadAmps" REAL,
    "ambientC" REAL,
    "unplugged" INTEGER NOT NULL,
    "cause" TEXT NOT NULL)`,
  `CREATE TABLE "observation" (${LOGGED},
    "test" TEXT NOT NULL,
    "outcome" TEXT NOT NULL)`,
  `CREATE TABLE "strike" (
    "id" TEXT PRIMARY KEY NOT NULL,
    "readingId" TEXT UNIQUE REFERENCES "reading" ("id"),
    "eventId" TEXT UNIQUE REFERENCES "event" ("id"),
    "observationId" TEXT UNIQUE REFERENCES "observation" ("id"),
    "at" TEXT NOT NULL,
    "why" TEXT NOT NULL,
    "replacedBy" TEXT,
    CHECK (("readingId" IS NOT NULL) + ("eventId" IS NOT NULL) + ("observationId" IS NOT NULL) = 1))`,
  `CREATE TABLE "verdict" (
    "id" TEXT PRIMARY KEY NOT NULL,
    "breakerId" TEXT NOT NULL REFERENCES "breaker" ("id"),
    "at" TEXT NOT NULL,
    "engine" TEXT NOT NULL,
    "action" TEXT NOT NULL,
    "family" TEXT NOT NULL,
    "decision" TEXT NOT NULL,
    "evidence" TEXT NOT NULL)`,
];

const CREATE_INDEXES = [
  `CREATE INDEX "panel_site" ON "panel" ("siteId")`,
  `CREATE INDEX "breaker_panel" ON "breaker" ("panelId")`,
  `CREATE UNIQUE INDEX "one_main" ON "breaker" ("panelId") WHERE "role" = 'main' AND "removedAt" IS NULL`,
  `CREATE INDEX "load_circuit" ON "load" ("circuitId", "position")`,
  ...['reading', 'event', 'observation', 'verdict'].map(
    (table) => `CREATE INDEX "${table}_breaker" ON "${table}" ("breakerId", "at")`,
  ),
];

/** What was logged or decided stays as it was: a correction strikes a row, it does not change it. */
const APPEND_ONLY = ['reading', 'event', 'observation', 'strike', 'verdict'].flatMap((table) =>
  ['UPDATE', 'DELETE'].map(
    (verb) => `CREATE TRIGGER "${table}_no_${verb.toLowerCase()}" BEFORE ${verb} ON "${table}"
      BEGIN SELECT RAISE(ABORT, '${table} rows are never changed'); END`,
  ),
);

/** A record is not taken back to an older version. */
class OneWay {
  async down(): Promise<void> {
    throw new Error('A record is not taken back to an older version: restore a backup instead.');
  }
}

class TheRecord1764000000000 implements MigrationInterface {
  name = 'TheRecord1764000000000';

  async up(runner: QueryRunner) {
    await runAll(runner, [...CREATE_TABLES, ...CREATE_INDEXES, ...APPEND_ONLY]);
  }

  async down(runner: QueryRunner) {
    const names = [
      'verdict',
      'strike',
      'observation',
      'event',
      'reading',
      'load',
      'circuit',
      'breaker',
      'panel',
      'site',
    ];
    await runAll(
      runner,
      names.map((name) => `DROP TABLE "${name}"`),
    );
  }
}

/** Panels of every shape; notes, photos and parts; edits that can be undone; settings. */
class TheWholeRecord1764028800000 extends OneWay implements MigrationInterface {
  name = 'TheWholeRecord1764028800000';

  async up(runner: QueryRunner) {
    await runAll(runner, [
      ...dropTriggers(['reading', 'event', 'observation', 'strike', 'verdict']),
      ...PANEL_SHAPES,
      ...NOTES_AND_PHOTOS,
      `ALTER TABLE "verdict" DROP COLUMN "evidence"`,
      `CREATE INDEX "reading_point" ON "reading" ("breakerId", "point", "at", "loggedAt")`,
      `CREATE TABLE "edit" (
        "id" TEXT PRIMARY KEY NOT NULL,
        "siteId" TEXT NOT NULL REFERENCES "site" ("id"),
        "at" TEXT NOT NULL,
        "label" TEXT NOT NULL,
        "panelIds" TEXT NOT NULL,
        "rows" TEXT NOT NULL,
        "added" TEXT NOT NULL,
        "struck" TEXT NOT NULL,
        "undone" INTEGER NOT NULL)`,
      `CREATE INDEX "edit_site" ON "edit" ("siteId", "undone")`,
      `CREATE TABLE "setting" ("name" TEXT PRIMARY KEY NOT NULL, "value" TEXT NOT NULL)`,
      // While a site is wiped as a whole, and then only, its rows may go.
      `CREATE TABLE "wiping" ("siteId" TEXT PRIMARY KEY NOT NULL)`,
      ...appendOnly(['reading', 'event', 'observation', 'note', 'photo', 'strike', 'verdict']),
    ]);
  }
}

const PANEL_SHAPES = [
  `ALTER TABLE "panel" ADD COLUMN "alsoListed" TEXT NOT NULL DEFAULT '[]'`,
  `ALTER TABLE "panel" ADD COLUMN "narrowSpaces" TEXT`,
  `ALTER TABLE "panel" ADD COLUMN "splitAt" INTEGER`,
  `ALTER TABLE "panel" ADD COLUMN "feedThrough" INTEGER NOT NULL DEFAULT 0`,
  `ALTER TABLE "panel" ADD COLUMN "fedByBreakerId" TEXT REFERENCES "breaker" ("id")`,
  `ALTER TABLE "panel" ADD COLUMN "fedThroughPanelId" TEXT REFERENCES "panel" ("id")`,
  `ALTER TABLE "panel" ADD COLUMN "blanks" TEXT NOT NULL DEFAULT '[]'`,
  `ALTER TABLE "panel" ADD COLUMN "holes" TEXT NOT NULL DEFAULT '[]'`,
  `ALTER TABLE "panel" ADD COLUMN "version" INTEGER NOT NULL DEFAULT 0`,
  `ALTER TABLE "panel" ADD COLUMN "removedAt" TEXT`,
  `ALTER TABLE "breaker" ADD COLUMN "tiedWith" TEXT REFERENCES "breaker" ("id")`,
  `ALTER TABLE "breaker" ADD COLUMN "replaces" TEXT REFERENCES "breaker" ("id")`,
  `ALTER TABLE "breaker" ADD COLUMN "why" TEXT NOT NULL DEFAULT ''`,
  `ALTER TABLE "breaker" ADD COLUMN "version" INTEGER NOT NULL DEFAULT 0`,
  `ALTER TABLE "circuit" ADD COLUMN "version" INTEGER NOT NULL DEFAULT 0`,
  // The split rule was every circuit’s; from now on it is the chosen policy’s.
  `UPDATE "circuit" SET "rules" = 'school' WHERE "rules" = 'split'`,
];

const STRUCK_KINDS = ['reading', 'event', 'observation', 'note', 'photo'];

const NOTES_AND_PHOTOS = [
  `CREATE TABLE "note" (${LOGGED})`,
  `CREATE TABLE "photo" (${LOGGED},
    "sha256" TEXT NOT NULL,
    "bytes" INTEGER NOT NULL,
    "width" INTEGER NOT NULL,
    "height" INTEGER NOT NULL)`,
  ...['note', 'photo'].map((table) => `CREATE INDEX "${table}_breaker" ON "${table}" ("breakerId", "at")`),
  `ALTER TABLE "strike" RENAME TO "strike_before"`,
  `CREATE TABLE "strike" (
    "id" TEXT PRIMARY KEY NOT NULL,
    ${STRUCK_KINDS.map((kind) => `"${kind}Id" TEXT UNIQUE REFERENCES "${kind}" ("id"),`).join('\n')}
    "at" TEXT NOT NULL,
    "why" TEXT NOT NULL,
    "replacedBy" TEXT,
    CHECK (${STRUCK_KINDS.map((kind) => `("${kind}Id" IS NOT NULL)`).join(' + ')} = 1))`,
  `INSERT INTO "strike" ("id", "readingId", "eventId", "observationId", "at", "why", "replacedBy")
    SELECT "id", "readingId", "eventId", "observationId", "at", "why", "replacedBy" FROM "strike_before"`,
  `DROP TABLE "strike_before"`,
];

const dropTriggers = (tables: string[]) =>
  tables.flatMap((table) => ['update', 'delete'].map((verb) => `DROP TRIGGER "${table}_no_${verb}"`));

/** What was logged or decided stays as it was, unless its whole site is wiped. */
const appendOnly = (tables: string[]) =>
  tables.flatMap((table) =>
    ['UPDATE', 'DELETE'].map(
      (verb) => `CREATE TRIGGER "${table}_no_${verb.toLowerCase()}" BEFORE ${verb} ON "${table}"
        WHEN NOT EXISTS (SELECT 1 FROM "wiping")
        BEGIN SELECT RAISE(ABORT, '${table} rows are never changed'); END`,
    ),
  );

/** How loads run, and the printed trip curves of part families. */
class TheBench1764115200000 extends OneWay implements MigrationInterface {
  name = 'TheBench1764115200000';

  async up(runner: QueryRunner) {
    await runAll(runner, [
      ...['onSeconds', 'offSeconds', 'surgeTimes', 'surgeSeconds'].map(
        (column) => `ALTER TABLE "load" ADD COLUMN "${column}" REAL`,
      ),
      `CREATE TABLE "curve" (
        "id" TEXT PRIMARY KEY NOT NULL,
        "siteId" TEXT NOT NULL REFERENCES "site" ("id"),
        "family" TEXT NOT NULL COLLATE NOCASE,
        "points" TEXT NOT NULL,
        "version" INTEGER NOT NULL,
        UNIQUE ("siteId", "family"))`,
    ]);
  }
}

/** Cases, and which entries were found in one. */
class TheCase1764201600000 extends OneWay implements MigrationInterface {
  name = 'TheCase1764201600000';

  async up(runner: QueryRunner) {
    await runAll(runner, [
      `ALTER TABLE "site" ADD COLUMN "demo" INTEGER NOT NULL DEFAULT 0`,
      `CREATE TABLE "case" (
        "id" TEXT PRIMARY KEY NOT NULL,
        "siteId" TEXT NOT NULL REFERENCES "site" ("id"),
        "panelId" TEXT REFERENCES "panel" ("id"),
        "breakerId" TEXT REFERENCES "breaker" ("id"),
        "complaint" TEXT NOT NULL,
        "words" TEXT NOT NULL,
        "openedBy" TEXT NOT NULL,
        "openedAt" TEXT NOT NULL,
        "marks" TEXT NOT NULL,
        "candidates" TEXT,
        "answers" TEXT NOT NULL,
        "passed" TEXT NOT NULL,
        "closedAt" TEXT,
        "outcome" TEXT,
        "closingNote" TEXT NOT NULL,
        "decision" TEXT,
        "version" INTEGER NOT NULL,
        "removedAt" TEXT)`,
      `CREATE INDEX "case_site" ON "case" ("siteId", "openedAt")`,
      `CREATE INDEX "case_breaker" ON "case" ("breakerId")`,
      ...['reading', 'event', 'observation'].flatMap((table) => [
        `ALTER TABLE "${table}" ADD COLUMN "caseId" TEXT REFERENCES "case" ("id")`,
        `ALTER TABLE "${table}" ADD COLUMN "simulated" INTEGER NOT NULL DEFAULT 0`,
        `CREATE INDEX "${table}_case" ON "${table}" ("caseId") WHERE "caseId" IS NOT NULL`,
      ]),
      `ALTER TABLE "event" ADD COLUMN "connected" TEXT`,
    ]);
  }
}

/** A proof that the record can be written; sites know their version; ids are told apart without regard to case. */
class TheSafeRecord1764288000000 extends OneWay implements MigrationInterface {
  name = 'TheSafeRecord1764288000000';

  async up(runner: QueryRunner) {
    await runAll(runner, [
      `CREATE TABLE "write_proof" ("id" INTEGER PRIMARY KEY, "filler" BLOB NOT NULL)`,
      `ALTER TABLE "site" ADD COLUMN "version" INTEGER NOT NULL DEFAULT 0`,
    ]);
    await lowerCaseIds(runner);
  }
}

/** What a closed case was confirmed to have been. */
class HowItEnded1764374400000 extends OneWay implements MigrationInterface {
  name = 'HowItEnded1764374400000';

  async up(runner: QueryRunner) {
    await runAll(runner, [
      `ALTER TABLE "case" ADD COLUMN "confirmed" TEXT`,
      `CREATE INDEX "case_confirmed" ON "case" ("siteId") WHERE "confirmed" IS NOT NULL`,
    ]);
  }
}

/** Who logged, struck or changed something. */
class WhoDidIt1764460800000 extends OneWay implements MigrationInterface {
  name = 'WhoDidIt1764460800000';

  async up(runner: QueryRunner) {
    await runAll(
      runner,
      ['reading', 'event', 'observation', 'note', 'photo', 'strike', 'edit'].map(
        (table) => `ALTER TABLE "${table}" ADD COLUMN "who" TEXT`,
      ),
    );
  }
}

/** What tells one state of a panel’s record from another. */
class PanelRevisions1764547200000 extends OneWay implements MigrationInterface {
  name = 'PanelRevisions1764547200000';

  async up(runner: QueryRunner) {
    await runAll(runner, [
      `CREATE TABLE "panel_revision" (
        "panelId" TEXT PRIMARY KEY NOT NULL REFERENCES "panel" ("id") ON DELETE CASCADE,
        "revision" TEXT NOT NULL)`,
      `INSERT INTO "panel_revision" SELECT "id", lower(hex(randomblob(16))) FROM "panel"`,
    ]);
  }
}

/** What is inspected at a breaker: any number of kinds in one table. */
class Inspections1764633600000 extends OneWay implements MigrationInterface {
  name = 'Inspections1764633600000';

  async up(runner: QueryRunner) {
    const kinds = [...STRUCK_KINDS.slice(0, 3), 'inspection', ...STRUCK_KINDS.slice(3)];
    const before = ['id', ...STRUCK_KINDS.map((kind) => `${kind}Id`), 'at', 'why', 'replacedBy', 'who'];
    const columns = before.map((name) => `"${name}"`).join(', ');
    await runAll(runner, [
      `CREATE TABLE "inspection" (${LOGGED},
        "who" TEXT,
        "caseId" TEXT REFERENCES "case" ("id"),
        "simulated" INTEGER NOT NULL DEFAULT 0,
        "kind" TEXT NOT NULL,
        "found" TEXT NOT NULL)`,
      `CREATE INDEX "inspection_breaker" ON "inspection" ("breakerId", "at")`,
      `CREATE INDEX "inspection_case" ON "inspection" ("caseId") WHERE "caseId" IS NOT NULL`,
      ...dropTriggers(['strike']),
      `ALTER TABLE "strike" RENAME TO "strike_before"`,
      `CREATE TABLE "strike" (
        "id" TEXT PRIMARY KEY NOT NULL,
        ${kinds.map((kind) => `"${kind}Id" TEXT UNIQUE REFERENCES "${kind}" ("id"),`).join('\n')}
        "at" TEXT NOT NULL,
        "why" TEXT NOT NULL,
        "replacedBy" TEXT,
        "who" TEXT,
        CHECK (${kinds.map((kind) => `("${kind}Id" IS NOT NULL)`).join(' + ')} = 1))`,
      `INSERT INTO "strike" (${columns}) SELECT ${columns} FROM "strike_before"`,
      `DROP TABLE "strike_before"`,
      ...appendOnly(['inspection', 'strike']),
    ]);
  }
}

/** Words of the record are the trade’s: a circuit goes by the policy, a breaker that carried a current did not trip. */
class TradeTerms1764720000000 extends OneWay implements MigrationInterface {
  name = 'TradeTerms1764720000000';

  async up(runner: QueryRunner) {
    await runAll(runner, [
      `UPDATE "circuit" SET "rules" = 'policy' WHERE "rules" = 'school'`,
      // What undo brings back.
      `UPDATE "edit" SET "rows" = replace("rows", '"rules":"school"', '"rules":"policy"')`,
      ...dropTriggers(['event']),
      `UPDATE "event" SET "kind" = 'no-trip' WHERE "kind" = 'held'`,
      ...appendOnly(['event']),
    ]);
  }
}

/** What whoever sent an edit calls it: sent again, because its answer was lost, it is done once. */
class NamedEdits1764806400000 extends OneWay implements MigrationInterface {
  name = 'NamedEdits1764806400000';

  async up(runner: QueryRunner) {
    await runAll(runner, [
      `ALTER TABLE "edit" ADD COLUMN "change" TEXT`,
      `CREATE UNIQUE INDEX "edit_change" ON "edit" ("change") WHERE "change" IS NOT NULL`,
    ]);
  }
}

/** How far off the instrument of a reading, or of a measured load, may have been. */
class MeterErrors1764892800000 extends OneWay implements MigrationInterface {
  name = 'MeterErrors1764892800000';

  async up(runner: QueryRunner) {
    await runAll(runner, [
      `ALTER TABLE "reading" ADD COLUMN "error" REAL`,
      `ALTER TABLE "load" ADD COLUMN "errorVoltAmperes" REAL`,
    ]);
  }
}

/** Which circuits share a neutral with another. */
class SharedNeutrals1764979200000 extends OneWay implements MigrationInterface {
  name = 'SharedNeutrals1764979200000';

  async up(runner: QueryRunner) {
    await runAll(runner, [`ALTER TABLE "circuit" ADD COLUMN "sharesNeutral" INTEGER NOT NULL DEFAULT 0`]);
  }
}

/** What is logged of a panel as a whole, with what lies beside it; and the hour before a trip, where a logger saw it. */
class PanelEntries1765065600000 extends OneWay implements MigrationInterface {
  name = 'PanelEntries1765065600000';

  async up(runner: QueryRunner) {
    const before = ['reading', 'event', 'observation', 'inspection', 'note', 'photo'];
    const columns = ['id', ...before.map((kind) => `${kind}Id`), 'at', 'why', 'replacedBy', 'who']
      .map((name) => `"${name}"`)
      .join(', ');
    const owners = [...before.map((kind) => [`${kind}Id`, kind]), ['panelEntryId', 'panel_entry']];
    await runAll(runner, [
      `CREATE TABLE "attachment" (
        "sha256" TEXT PRIMARY KEY NOT NULL,
        "kind" TEXT NOT NULL,
        "about" TEXT NOT NULL,
        "bytes" INTEGER NOT NULL,
        "createdAt" TEXT NOT NULL,
        "content" BLOB NOT NULL)`,
      `CREATE TABLE "panel_entry" (
        "id" TEXT PRIMARY KEY NOT NULL,
        "panelId" TEXT NOT NULL REFERENCES "panel" ("id"),
        "kind" TEXT NOT NULL,
        "at" TEXT NOT NULL,
        "loggedAt" TEXT NOT NULL,
        "note" TEXT NOT NULL,
        "who" TEXT,
        "simulated" INTEGER NOT NULL DEFAULT 0,
        "content" TEXT NOT NULL,
        "sha256" TEXT REFERENCES "attachment" ("sha256"),
        "bytes" INTEGER)`,
      `CREATE INDEX "panel_entry_panel" ON "panel_entry" ("panelId", "at")`,
      `CREATE INDEX "panel_entry_attachment" ON "panel_entry" ("sha256") WHERE "sha256" IS NOT NULL`,
      `ALTER TABLE "event" ADD COLUMN "history" TEXT`,
      ...dropTriggers(['strike']),
      `ALTER TABLE "strike" RENAME TO "strike_before"`,
      `CREATE TABLE "strike" (
        "id" TEXT PRIMARY KEY NOT NULL,
        ${owners.map(([column, table]) => `"${column}" TEXT UNIQUE REFERENCES "${table}" ("id"),`).join('\n')}
        "at" TEXT NOT NULL,
        "why" TEXT NOT NULL,
        "replacedBy" TEXT,
        "who" TEXT,
        CHECK (${owners.map(([column]) => `("${column}" IS NOT NULL)`).join(' + ')} = 1))`,
      `INSERT INTO "strike" (${columns}) SELECT ${columns} FROM "strike_before"`,
      `DROP TABLE "strike_before"`,
      ...appendOnly(['panel_entry', 'strike']),
    ]);
  }
}

/** In which time zone a site is. */
class SiteZones1765152000000 extends OneWay implements MigrationInterface {
  name = 'SiteZones1765152000000';

  async up(runner: QueryRunner) {
    await runAll(runner, [`ALTER TABLE "site" ADD COLUMN "zone" TEXT`]);
  }
}

/** A shared neutral is unknown until it is traced: the earlier “no” was a default nobody had confirmed. */
class TracedNeutrals1765238400000 extends OneWay implements MigrationInterface {
  name = 'TracedNeutrals1765238400000';

  async up(runner: QueryRunner) {
    await runAll(runner, [
      `ALTER TABLE "circuit" ADD COLUMN "sharesNeutralTraced" INTEGER`,
      `UPDATE "circuit" SET "sharesNeutralTraced" = 1 WHERE "sharesNeutral" = 1`,
      `ALTER TABLE "circuit" DROP COLUMN "sharesNeutral"`,
      `ALTER TABLE "circuit" RENAME COLUMN "sharesNeutralTraced" TO "sharesNeutral"`,
    ]);
  }
}

/** Who may sign in, who is signed in, which links are open, which devices may send, and who did what. */
class Accounts1765324800000 extends OneWay implements MigrationInterface {
  name = 'Accounts1765324800000';

  async up(runner: QueryRunner) {
    await runAll(runner, [
      `CREATE TABLE "account" (
        "id" TEXT PRIMARY KEY NOT NULL,
        "name" TEXT UNIQUE NOT NULL,
        "role" TEXT NOT NULL,
        "password" TEXT NOT NULL,
        "createdAt" TEXT NOT NULL)`,
      `CREATE TABLE "session" (
        "tokenHash" TEXT PRIMARY KEY NOT NULL,
        "accountId" TEXT NOT NULL REFERENCES "account" ("id") ON DELETE CASCADE,
        "createdAt" TEXT NOT NULL,
        "usedAt" TEXT NOT NULL)`,
      `CREATE INDEX "session_account" ON "session" ("accountId")`,
      `CREATE TABLE "share_link" (
        "id" TEXT PRIMARY KEY NOT NULL,
        "tokenHash" TEXT UNIQUE NOT NULL,
        "siteId" TEXT NOT NULL,
        "what" TEXT NOT NULL,
        "subjectId" TEXT NOT NULL,
        "createdAt" TEXT NOT NULL,
        "expiresAt" TEXT NOT NULL)`,
      `CREATE INDEX "share_link_site" ON "share_link" ("siteId")`,
      `CREATE TABLE "visit_owner" ("visitId" TEXT PRIMARY KEY NOT NULL, "accountId" TEXT NOT NULL)`,
      `CREATE TABLE "meter_token" (
        "feed" TEXT PRIMARY KEY NOT NULL,
        "tokenHash" TEXT NOT NULL,
        "createdAt" TEXT NOT NULL)`,
      `CREATE TABLE "audit_entry" (
        "id" INTEGER PRIMARY KEY AUTOINCREMENT,
        "at" TEXT NOT NULL,
        "name" TEXT NOT NULL,
        "what" TEXT NOT NULL,
        "siteId" TEXT)`,
      `CREATE INDEX "audit_entry_site" ON "audit_entry" ("siteId", "id")`,
    ]);
  }
}

/** In order; a database is brought up to the last one when it is opened. */
export const MIGRATIONS = [
  TheRecord1764000000000,
  TheWholeRecord1764028800000,
  TheBench1764115200000,
  TheCase1764201600000,
  TheSafeRecord1764288000000,
  HowItEnded1764374400000,
  WhoDidIt1764460800000,
  PanelRevisions1764547200000,
  Inspections1764633600000,
  TradeTerms1764720000000,
  NamedEdits1764806400000,
  MeterErrors1764892800000,
  SharedNeutrals1764979200000,
  PanelEntries1765065600000,
  SiteZones1765152000000,
  TracedNeutrals1765238400000,
  Accounts1765324800000,
];
