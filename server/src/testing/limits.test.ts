import { describe, expect, test } from '@jest/globals';
import * as limits from '@phylaxon/core/facts/limits';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import ts from 'typescript';

const ROOT = fileURLToPath(new URL('../../../', import.meta.url));
const LISTS = 'core/src/facts/limits';
const COMMENT = /^\/\*\* (V|A|Ω|W|°C|share|times|s|min|h|days|months|years): [A-Z].*\. \*\/$/s;

interface Limit {
  name: string;
  value: number;
  comment: string;
  unit: string | undefined;
}

/** Every limit of the lists, with the comment that stands before it. */
const LIMITS = readdirSync(join(ROOT, LISTS)).flatMap((name): Limit[] => {
  const text = readFileSync(join(ROOT, LISTS, name), 'utf8');
  const file = ts.createSourceFile(name, text, ts.ScriptTarget.Latest, true);
  const found: Limit[] = [];
  const visit = (node: ts.Node): void => {
    if (ts.isVariableDeclaration(node) && /_LIMITS$/.test(node.name.getText())) {
      const values = limits[node.name.getText() as keyof typeof limits] as unknown as Record<string, number>;
      const list = ts.isAsExpression(node.initializer!) ? node.initializer.expression : node.initializer!;
      for (const property of (list as ts.ObjectLiteralExpression).properties) {
        const key = property.name!.getText();
        const comment = text.slice(property.getFullStart(), property.getStart()).trim();
        found.push({ name: key, value: values[key]!, comment, unit: COMMENT.exec(comment)?.[1] });
      }
    }
    ts.forEachChild(node, visit);
  };
  visit(file);
  return found;
});

/** Files that hold figures of another kind than limits of a reading, a load or a time. */
const APART: readonly (readonly [path: RegExp, reason: string])[] = [
  [/\.test\.tsx?$|\/testing\/|^server\/src\/demo\//, 'tests and sample data'],
  [/^core\/src\/facts\/(limits|standards)\//, 'the lists of limits and of standards'],
  [/^core\/src\/facts\/(calendar|quantities|appliances|instruments)\//, 'calendar, units, catalogs'],
  [
    /^core\/src\/(simulate|benchmarks|physics\/(breakerEstimate|loggedCurrent|thermalPicture|trip|tripTimeQuery))\//,
    'parameters of a model',
  ],
  [/^core\/src\/diagnosis\/(actions|causes|engine|isolation|outcomes|trends)\//, 'probabilities and losses'],
  [/^core\/src\/code\/serviceLoad\//, 'shares of the calculated load'],
  [
    /^core\/src\/(record\/(loggerTable|heatMatrices|phrases\/(moments|findingPhrases))|views\/csv)/,
    'dates, phrases and resolution of typed or imported data',
  ],
  [
    /^web\/src\/(breaker\/tripCurve|measure\/recordings\/(LogChart|chart))/,
    'probabilities and drawing of charts',
  ],
  [
    /^core\/src\/views\/(directoryCard|heatColors|houseMap|planning\/priceBands|visit\/minutes)/,
    'layout, colors, prices, estimated durations',
  ],
  [/^server\/src\/(?!breakerRecords\/evidenceReadings)/, 'operation of the server'],
];

function* sources(folder: string): Generator<string> {
  for (const entry of readdirSync(join(ROOT, folder), { withFileTypes: true })) {
    const path = `${folder}/${entry.name}`;
    if (entry.isDirectory()) yield* sources(path);
    else if (/\.tsx?$/.test(path) && !APART.some(([apart]) => apart.test(path))) yield path;
  }
}

const COMPARISONS = new Set([
  ts.SyntaxKind.LessThanToken,
  ts.SyntaxKind.LessThanEqualsToken,
  ts.SyntaxKind.GreaterThanToken,
  ts.SyntaxKind.GreaterThanEqualsToken,
]);
const COMPARING_CALL = /^(atLeast|exceeds|within)$/;
/** A name or an expression that stands for a quantity with a unit. */
const QUANTITY =
  /(volts?|amps?|ohms?|watts?|percent|celsius|[a-z]C|share|seconds|minutes|hours|days|months|years)\b|_(VOLTS?|AMPS?|C|OHMS?|WATTS?|PERCENT|SECONDS|MINUTES|HOURS|DAYS|MONTHS|YEARS)$/;
/** Figures that count or split instead of limiting. */
const COUNTS = new Set([0, 1, 2]);

const figureOf = (node: ts.Expression): number | null => {
  if (ts.isNumericLiteral(node)) return Number(node.text);
  if (ts.isBinaryExpression(node)) {
    const [left, right] = [figureOf(node.left), figureOf(node.right)];
    return left === null || right === null ? null : left * right;
  }
  return null;
};

const UNIT_WORDS: Record<string, RegExp> = { V: /V\b/, '°C': /°C/, W: /W\b/, share: /%/ };

/** Limits that a file states by itself, with their lines. */
function statedIn(path: string, text: string): string[] {
  const file = ts.createSourceFile(path, text, ts.ScriptTarget.Latest, true);
  const found: string[] = [];
  const add = (node: ts.Node) => {
    const { line } = file.getLineAndCharacterOfPosition(node.getStart());
    found.push(`${path}:${line + 1} ${node.getText().replace(/\s+/g, ' ').slice(0, 100)}`);
  };
  const isLimit = (figure: number | null, beside: string) =>
    figure !== null && !COUNTS.has(figure) && QUANTITY.test(beside);
  const visit = (node: ts.Node): void => {
    if (ts.isBinaryExpression(node) && COMPARISONS.has(node.operatorToken.kind)) {
      const [left, right] = [figureOf(node.left), figureOf(node.right)];
      if (isLimit(left, node.right.getText()) || isLimit(right, node.left.getText())) add(node);
    }
    if (ts.isCallExpression(node) && COMPARING_CALL.test(node.expression.getText()))
      if (node.arguments.some((one) => isLimit(figureOf(one), node.getText()))) add(node);
    if (ts.isVariableDeclaration(node) && node.initializer && ts.isSourceFile(node.parent.parent.parent))
      if (isLimit(figureOf(node.initializer), node.name.getText())) add(node);
    if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node) || ts.isJsxText(node))
      for (const { value, unit } of LIMITS) {
        const word = UNIT_WORDS[unit ?? ''];
        const shown = unit === 'share' ? 100 * value : value;
        const said = word && new RegExp(`(?<![\\d.,/])${shown}\\s?(?:${word.source})`).test(node.text);
        if (said && /under|over|above|below|at least|at most|more than|less than| to /i.test(node.text)) {
          add(node);
          break;
        }
      }
    ts.forEachChild(node, visit);
  };
  visit(file);
  return found;
}

describe('limits', () => {
  test('every one has a figure, a unit and a decision', () => {
    expect(LIMITS.length).toBeGreaterThan(60);
    expect(LIMITS.filter(({ value, comment }) => !(value > 0) || !COMMENT.test(comment))).toEqual([]);
  });

  test('no file outside the list states a limit', () => {
    const found = ['core/src', 'web/src', 'server/src'].flatMap((folder) =>
      [...sources(folder)].flatMap((path) => statedIn(path, readFileSync(join(ROOT, path), 'utf8'))),
    );
    expect(found).toEqual([]);
  });

  test.each([
    'if (volts > 127) stop();',
    'const IDLE_AMPS = 1.5;',
    'const OLD = exceeds(riseC, 15);',
    'const BEFOREHAND_HOURS = 12;',
    "const text = 'Keep it under 127 V.';",
  ])('finds %s', (source) => {
    expect(statedIn('example.ts', source)).toHaveLength(1);
  });
});
