import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';
import { ROOT } from './run.mjs';

/** What only tests import may be called as what it stands for; a message goes by the file it is in. */
const APART = /\.test\.tsx?$|(^|\/)(testing\/|messages\.ts$)/;
const SOURCES = ['core/src', 'server/src', 'web/src'];

/** The names a file defines and exports; a default export has none. */
function* exportedNames(path) {
  const file = ts.createSourceFile(path, readFileSync(join(ROOT, path), 'utf8'), ts.ScriptTarget.Latest);
  for (const statement of file.statements) {
    const kinds = new Set((statement.modifiers ?? []).map(({ kind }) => kind));
    if (!kinds.has(ts.SyntaxKind.ExportKeyword) || kinds.has(ts.SyntaxKind.DefaultKeyword)) continue;
    if (ts.isVariableStatement(statement)) {
      for (const { name } of statement.declarationList.declarations)
        if (ts.isIdentifier(name)) yield name.text;
    } else if (statement.name) yield statement.name.text;
  }
}

const places = new Map();
for (const source of SOURCES)
  for (const entry of readdirSync(join(ROOT, source), { recursive: true })) {
    const path = `${source}/${entry}`;
    if (!/\.tsx?$/.test(path) || APART.test(path)) continue;
    for (const name of new Set(exportedNames(path))) places.set(name, [...(places.get(name) ?? []), path]);
  }

const doubled = [...places].filter(([, paths]) => paths.length > 1);
for (const [name, paths] of doubled) console.error(`${name} is exported by ${paths.join(' and ')}`);
if (doubled.length > 0) process.exit(1);
console.log(`No name is exported by two files (${places.size} names).`);
