import { expect, test } from '@jest/globals';
import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import ts from 'typescript';

const CORE = fileURLToPath(new URL('../../../core/src/', import.meta.url));
/** What serves tests and measurements alone. */
const APART = /^(testing|simulate|benchmarks)\//;

const faces = (readdirSync(CORE, { recursive: true }) as string[]).filter(
  (path) => path.endsWith('index.ts') && !APART.test(path),
);

/** The function behind an exported name, with the statement its comment stands before. */
function functionOf(
  declaration: ts.Declaration,
): { signature: ts.SignatureDeclaration; host: ts.Node } | null {
  if (ts.isFunctionDeclaration(declaration)) return { signature: declaration, host: declaration };
  if (!ts.isVariableDeclaration(declaration) || !declaration.initializer) return null;
  if (!ts.isArrowFunction(declaration.initializer)) return null;
  return { signature: declaration.initializer, host: declaration.parent.parent };
}

test('every function on a face of core has its whole comment: parameters, what it returns, an example', () => {
  const program = ts.createProgram(
    faces.map((path) => join(CORE, path)),
    {
      module: ts.ModuleKind.ESNext,
      moduleResolution: ts.ModuleResolutionKind.Bundler,
      allowImportingTsExtensions: true,
      noEmit: true,
      skipLibCheck: true,
      strict: true,
      types: [],
    },
  );
  const checker = program.getTypeChecker();
  const missing = new Set<string>();
  let counted = 0;
  for (const path of faces) {
    const face = checker.getSymbolAtLocation(program.getSourceFile(join(CORE, path))!)!;
    for (const name of checker.getExportsOfModule(face)) {
      const meant = name.flags & ts.SymbolFlags.Alias ? checker.getAliasedSymbol(name) : name;
      const [first] = meant.declarations ?? [];
      const found = first && functionOf(first);
      if (!found) continue;
      counted++;
      const told = new Set(ts.getJSDocTags(found.host).map(({ tagName }) => tagName.text));
      const signature = checker.getSignatureFromDeclaration(found.signature)!;
      const returns = checker.typeToString(checker.getReturnTypeOfSignature(signature)) !== 'void';
      const lacks = [
        ts.getJSDocCommentsAndTags(found.host).length === 0 && 'a comment',
        found.signature.parameters.length > 0 && !told.has('param') && '@param',
        returns && !told.has('returns') && '@returns',
        !told.has('example') && '@example',
      ].filter(Boolean);
      if (lacks.length > 0) missing.add(`${path}: ${name.name} lacks ${lacks.join(', ')}`);
    }
  }
  expect([...missing]).toEqual([]);
  expect(counted).toBeGreaterThan(200);
});
