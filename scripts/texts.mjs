import { readdirSync, readFileSync } from 'node:fs';
import { basename, join } from 'node:path';
import ts from 'typescript';
import { ROOT } from './run.mjs';

/** Where the texts a person may read live: messages beside their feature, and tables of words and facts. */
const MESSAGE_FILES =
  /(^|\/)(messages|words|\w+Words|inputMessages|citations|actionMeanings|findingPhrases|phrases|amounts|moments|consequences|consequenceTable|troubles|appliances|maintenanceTasks|hazardTable)\.tsx?$|\/causeFacts\/|\/facts\/vocabulary\/|^server\/src\/demo\/|^core\/src\/api\//;

/** What nobody reads: tests, simulated people, benchmarks, the steps from one version of the file to the next. */
const UNREAD = /\.(test|spec|slow)\.|\/testing\/|\/simulate\/|\/benchmarks\/|\/bench\/|\/migrations\.ts$/;

/** What people type, not what they are shown. */
const TYPED = /\/phrases\/(findingPhrases|phrases|amounts)\.ts$/;

const CLASSES =
  /(^|\s)(flex|grid|grow|text-|bg-|p-\d|px-|py-|pt-|pb-|m-\d|mt-|mb-|ml-|mr-|mx-|my-|border|rounded|w-|h-|min-|max-|gap-|font-|items-|justify-|hover:|sm:|md:|lg:|stroke-|fill-|underline|block|inline|absolute|relative|sticky|print:|dark:|ring-|outline-|size-|col-|row-|space-|opacity-|cursor-|leading-|tabular|truncate|sr-only|not-sr|left-|top-)/;

/** Elements of a drawing, with a place for each value. */
const MARKUP = /^(x|\{\w+\})?<\/?[a-z]+[ >]/;

/** Class names, addresses, SQL, media queries, headers, formats of dates, the product’s own name. */
const isTechnical = (text) =>
  text === 'Phylaxon' ||
  MARKUP.test(text) ||
  CLASSES.test(text) ||
  /^\s*(\/|GET |POST |PUT |PATCH |DELETE |SELECT|INSERT|UPDATE |WITH |PRAGMA|BEGIN|VACUUM|NOT EXISTS|EXISTS|FROM |DISTINCT|coalesce|json_|NOT IN|IN \()/.test(
    text,
  ) ||
  /\b(SELECT|WHERE|FROM json_each|ORDER BY|BETWEEN|IS NOT NULL)\b|\bIN \(|^\w+ = |^\w\.\w+(,| =)|\0|^phylaxon-/.test(
    text,
  ) ||
  /^(\d{3} |: |Ctrl |Control\+)/.test(text) ||
  /^(rgb|calc|translate|rotate|scale|hsl|var|url|matrix)\(/.test(text.trim()) ||
  /^\((min|max)-(width|height): /.test(text) ||
  /^[A-Z][a-z]+[A-Z]\w*$/.test(text.trim()) ||
  /^\w+\.\w*$/.test(text.trim()) ||
  /^(d|MMM|yyyy|h:mm|HH)[ :,]/.test(text) ||
  /image\/|application\/|text\/|^Content-|^Accept|^Cache|^If-|^event: |^retry|no-cache|no-store|max-age/.test(
    text,
  ) ||
  /^\w+-[\w-]+$/.test(text.trim());

const isWritten = (text) =>
  /[A-Za-z]{2,}/.test(text) && (/ /.test(text.trim()) || /^[A-Z][a-z]+/.test(text.trim()));

const TECHNICAL_ATTRIBUTES = new Set(
  'className to d key type id role viewBox transform anchor rel target href autoComplete inputMode strokeDasharray points accept method lang pattern form as src align side preserveAspectRatio fill stroke style dataKey scale textAnchor aria-live aria-current enterKeyHint htmlFor name kind tone look size width height domain'.split(
    ' ',
  ),
);

const TECHNICAL_PROPERTIES = new Set(
  'className to id type key group path summary anchor description pattern format sql kind about point dataKey input example'.split(
    ' ',
  ),
);

const QUERIES =
  /\.(describe|split|join|includes|startsWith|endsWith|indexOf|test|querySelector|querySelectorAll|closest|matches|getElementById|query|prepare|exec|where|andWhere|orderBy|createQueryBuilder|addEventListener|get|set|has|literal|getContext|regex|on|once|header|type)$/;

/** Whether a literal is read by the program alone: a key, a comparison, an address, an error nobody is shown. */
function isProgramText(node) {
  const { parent } = node;
  if (ts.isPropertyAssignment(parent) && parent.name === node) return true;
  if (ts.isCaseClause(parent) || ts.isElementAccessExpression(parent) || ts.isLiteralTypeNode(parent))
    return true;
  if (ts.isImportDeclaration(parent) || ts.isExpressionStatement(parent)) return true;
  if (ts.isBinaryExpression(parent) && /^([!=]==?|in)$/.test(parent.operatorToken.getText())) return true;
  if (ts.isCallExpression(parent)) {
    const called = parent.expression.getText();
    if (/\.replace(All)?$/.test(called)) return parent.arguments[0] === node;
    if (QUERIES.test(called)) return true;
    if (
      /^(require|import|describe|implement|fetch|console\.\w+|format|parse|Symbol|RegExp|ask|askAs|recordQuery|say)$/.test(
        called,
      )
    )
      return true;
    if (/^z\.(enum|literal|templateLiteral)/.test(called)) return true;
  }
  if (ts.isPropertyAssignment(parent) && TECHNICAL_PROPERTIES.has(parent.name.getText().replace(/['"]/g, '')))
    return true;
  if (
    ts.isNewExpression(parent) &&
    /^(Error|TypeError|RangeError|DOMException)$/.test(parent.expression.getText())
  )
    return true;
  if (ts.isArrayLiteralExpression(parent)) {
    const { parent: around } = parent;
    if (
      (ts.isCallExpression(around) || ts.isNewExpression(around)) &&
      /z\.enum|Set$|Map$/.test(around.expression.getText())
    )
      return true;
  }
  if (ts.isJsxAttribute(parent)) return TECHNICAL_ATTRIBUTES.has(parent.name.getText());
  if (ts.isJsxExpression(parent) && ts.isJsxAttribute(parent.parent))
    return TECHNICAL_ATTRIBUTES.has(parent.parent.name.getText());
  return false;
}

const isShown = ({ parent }) =>
  ts.isJsxAttribute(parent) ||
  ts.isPropertyAssignment(parent) ||
  ts.isArrayLiteralExpression(parent) ||
  ts.isConditionalExpression(parent) ||
  ts.isReturnStatement(parent) ||
  ts.isArrowFunction(parent) ||
  ts.isVariableDeclaration(parent) ||
  ts.isJsxExpression(parent) ||
  ts.isBinaryExpression(parent);

/** A template’s text, each value in it as {its expression}. */
export const templateText = (node) =>
  node.head.text +
  node.templateSpans.map((span) => `{${span.expression.getText()}}${span.literal.text}`).join('');

/**
 * The text of a node that a person may read, or null.
 * @param node a node of TypeScript's syntax tree, with its parents
 */
export function visibleText(node) {
  if (ts.isJsxText(node))
    return /[A-Za-z]{2,}/.test(node.text) && !/^\s*Ctrl \S\s*$/.test(node.text) ? node.text : null;
  if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) {
    if (!isWritten(node.text) || isTechnical(node.text) || isProgramText(node)) return null;
    return / /.test(node.text.trim()) || isShown(node) ? node.text : null;
  }
  if (ts.isTemplateExpression(node)) {
    if (ts.isTaggedTemplateExpression(node.parent) || isProgramText(node)) return null;
    const parts = [node.head.text, ...node.templateSpans.map(({ literal }) => literal.text)];
    if (!parts.some((part) => /[A-Za-z]{2,}[:;,.]? | [A-Za-z]{2,}|^[A-Z][a-z]+/.test(part))) return null;
    return isTechnical(parts.join('x')) || isTechnical(parts[0]) ? null : templateText(node);
  }
  return null;
}

/** Whether nothing below a node is read by anybody: types, imports, class names. */
export const isSilent = (node) =>
  ts.isImportDeclaration(node) ||
  ts.isExportDeclaration(node) ||
  (ts.isTypeNode(node) && !ts.isExpressionWithTypeArguments(node)) ||
  (ts.isTaggedTemplateExpression(node) && node.tag.getText() !== 'rich') ||
  (ts.isJsxAttribute(node) &&
    TECHNICAL_ATTRIBUTES.has(node.name.getText()) &&
    node.initializer &&
    ts.isStringLiteral(node.initializer));

/** The name a text goes by in its table: its constant, or the path of its properties. */
function keyOf(node) {
  const names = [];
  for (let at = node.parent; at; at = at.parent)
    if (
      (ts.isPropertyAssignment(at) || ts.isVariableDeclaration(at) || ts.isFunctionDeclaration(at)) &&
      at.name
    )
      names.unshift(at.name.getText().replace(/['"]/g, ''));
  return names.join('.');
}

/** Every source with texts, from the root. */
export const sources = () =>
  ['core/src', 'server/src', 'web/src']
    .flatMap((source) =>
      readdirSync(join(ROOT, source), { recursive: true }).map((entry) => `${source}/${entry}`),
    )
    .filter((path) => /\.tsx?$/.test(path) && !UNREAD.test(path) && !TYPED.test(path))
    .sort();

/**
 * The texts of a source that a person may read.
 * @param path from the root
 * @returns each with its line, its key, and whether its file is one for texts
 */
export function textsOf(path) {
  const file = ts.createSourceFile(
    path,
    readFileSync(join(ROOT, path), 'utf8'),
    ts.ScriptTarget.Latest,
    true,
  );
  const isMessage = MESSAGE_FILES.test(path);
  const found = [];
  const visit = (node) => {
    if (isSilent(node)) return;
    const isRich = ts.isTemplateExpression(node) && ts.isTaggedTemplateExpression(node.parent);
    const text = isRich ? templateText(node) : visibleText(node);
    if (text !== null)
      found.push({
        path,
        line: file.getLineAndCharacterOfPosition(node.getStart()).line + 1,
        key: keyOf(node) || basename(path),
        text: text.replace(/\s+/g, ' ').trim(),
        isMessage,
      });
    ts.forEachChild(node, visit);
  };
  visit(file);
  return found;
}

/** Messages that nothing in their folder shows. */
export function unusedMessages() {
  return sources()
    .filter((path) => basename(path) === 'messages.ts')
    .flatMap((path) => {
      const folder = join(ROOT, path, '..');
      const users = readdirSync(folder)
        .filter((name) => /\.tsx?$/.test(name) && name !== 'messages.ts')
        .map((name) => readFileSync(join(folder, name), 'utf8'))
        .join('\n');
      const names = [...readFileSync(join(ROOT, path), 'utf8').matchAll(/^export const (\w+)/gm)].map(
        ([, name]) => name,
      );
      return names
        .filter((name) => !new RegExp(`messages\\.${name}\\b`).test(users))
        .map((name) => `${path} ${name} is shown by nothing`);
    });
}
