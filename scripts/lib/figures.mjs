import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';

/**
 * The figures of the code, with the file that they stand in: every constant of core that holds nothing but numbers, and of a table
 * that holds more (a list or a record) the numbers of each entry.
 */

const OPERATIONS = {
  '*': (a, b) => a * b,
  '/': (a, b) => a / b,
  '+': (a, b) => a + b,
  '-': (a, b) => a - b,
  '**': (a, b) => a ** b,
};
const isWrapped = (node) =>
  ts.isParenthesizedExpression(node) || ts.isAsExpression(node) || ts.isSatisfiesExpression(node);

/** What a constant holds: a number, or lists and records of them; null: something else. A brand (`grams(5)`) is the number in it, any other call the list of its numbers. */
function figuresIn(node) {
  if (ts.isNumericLiteral(node)) return Number(node.text);
  if (isWrapped(node)) return figuresIn(node.expression);
  if (ts.isPrefixUnaryExpression(node) && node.operator === ts.SyntaxKind.MinusToken) {
    const value = figuresIn(node.operand);
    return typeof value === 'number' ? -value : null;
  }
  if (ts.isCallExpression(node) && ts.isIdentifier(node.expression)) {
    const values = node.arguments.map(figuresIn);
    if (values.length === 0 || values.some((value) => typeof value !== 'number')) return null;
    return values.length === 1 ? values[0] : values;
  }
  if (ts.isBinaryExpression(node)) {
    const [a, b] = [figuresIn(node.left), figuresIn(node.right)];
    const operation = OPERATIONS[node.operatorToken.getText()];
    return operation && typeof a === 'number' && typeof b === 'number' ? operation(a, b) : null;
  }
  if (ts.isArrayLiteralExpression(node)) {
    const values = node.elements.map(figuresIn);
    return values.length > 0 && values.every((value) => value !== null) ? values : null;
  }
  if (!ts.isObjectLiteralExpression(node) || node.properties.length === 0) return null;
  const entries = node.properties.map((property) =>
    ts.isPropertyAssignment(property)
      ? [property.name.text ?? property.name.getText(), figuresIn(property.initializer)]
      : ['', null],
  );
  return entries.every(([, value]) => value !== null) ? Object.fromEntries(entries) : null;
}

const LONGEST = 24;
const numbersIn = (value) => (typeof value === 'number' ? [value] : Object.values(value).flatMap(numbersIn));
const rounded = (value) => String(Number(value.toPrecision(10)));
const named = (value) =>
  typeof value === 'number'
    ? rounded(value)
    : Array.isArray(value)
      ? `[${value.map(named).join(', ')}]`
      : `{${Object.entries(value)
          .map(([key, of]) => `${key} ${named(of)}`)
          .join(', ')}}`;

/** As it stands in the document: a table of more than two dozen by how many they are and a hash. */
export function writtenFigure(value) {
  const many = numbersIn(value).length;
  if (many <= LONGEST) return named(value);
  return `${many} figures, ${createHash('sha1').update(named(value)).digest('hex').slice(0, 8)}`;
}

const bare = (node) => (isWrapped(node) ? bare(node.expression) : node);

/** All numbers written in a piece of code, in their order; keys are none. */
function numbersOf(node) {
  if (ts.isNumericLiteral(node)) return [Number(node.text)];
  if (ts.isPropertyAssignment(node)) return numbersOf(node.initializer);
  const found = [];
  ts.forEachChild(node, (child) => {
    found.push(...numbersOf(child));
  });
  return found;
}
const oneOrAll = (numbers) => (numbers.length === 1 ? numbers[0] : numbers);

/** The numbers of an entry by the property that they stand in; those outside of one stand under no name. */
function figuresOfEntry(node) {
  const entry = bare(ts.isPropertyAssignment(node) ? node.initializer : node);
  if (!ts.isObjectLiteralExpression(entry)) return oneOrAll(numbersOf(entry));
  const named = entry.properties
    .map((property) => [property.name?.text ?? property.name?.getText() ?? '…', numbersOf(property)])
    .filter(([, numbers]) => numbers.length > 0);
  return Object.fromEntries(named.map(([key, numbers]) => [key, oneOrAll(numbers)]));
}

/** What names an entry of a list: its id or rule, else its first word in quotes, else its place. */
function nameOfEntry(node, i) {
  if (ts.isPropertyAssignment(node)) return node.name.text ?? node.name.getText();
  const words = [];
  const visit = (child) => {
    if (ts.isStringLiteral(child) && !(ts.isPropertyAssignment(child.parent) && child.parent.name === child))
      words.push(child.text);
    else ts.forEachChild(child, visit);
  };
  visit(node);
  return words[0] ?? String(i);
}

/** What is only there or not, once or never, is no figure. */
const isFigure = (value) => numbersIn(value).some((number) => number !== 0 && number !== 1);

/** Tables that say how something is stored or ordered, and what old documents got: nothing of the trade. */
const NO_TRADE = /^first$|_AT_\d|(_FORMAT|Fields|Row|Stage|Paper|SEARCHES)$/;

/** Of a table that is not all numbers: a figure for each entry that has one. */
function figuresOfTable(name, initializer) {
  const table = bare(initializer);
  const entries = ts.isObjectLiteralExpression(table)
    ? table.properties
    : ts.isArrayLiteralExpression(table)
      ? table.elements
      : [];
  if (NO_TRADE.test(name)) return [];
  const found = entries
    .filter((entry) => isFigure(numbersOf(entry)))
    .map((entry, i) => ({ entry: nameOfEntry(entry, i), value: figuresOfEntry(entry) }));
  const names = found.map(({ entry }) => entry);
  return found.map(({ entry, value }, i) => ({
    entry:
      names.indexOf(entry) === i
        ? entry
        : `${entry} (${names.slice(0, i + 1).filter((n) => n === entry).length})`,
    value,
  }));
}

/** What fields a schema (of Zod) describes: the record it is given first, or that of the schema it extends. */
function fieldsOf(node) {
  if (ts.isCallExpression(node)) {
    const record = node.arguments.find(ts.isObjectLiteralExpression);
    if (record && numbersOf(record).length > 0) return record;
    return fieldsOf(node.expression) ?? node.arguments.map(fieldsOf).find(Boolean) ?? null;
  }
  return ts.isPropertyAccessExpression(node) ? fieldsOf(node.expression) : null;
}
const isSchema = (node) =>
  ts.isCallExpression(node) && /^(z\b|[A-Z]\w*\.(extend|and)\b)/.test(node.getText());

/** Of a schema: the bounds of each field (and what stands for it where nobody says anything). */
function figuresOfSchema(initializer) {
  const schema = bare(initializer);
  if (!isSchema(schema)) return [];
  const record = fieldsOf(schema);
  const value = record ? figuresOfEntry(record) : oneOrAll(numbersOf(schema));
  return isFigure(value) ? [{ entry: 'bounds', value }] : [];
}

/** @returns every figure as { row: 'lay/advice TALL', value, comment } */
export function figuresOf(root) {
  const core = join(root, 'core/src');
  const files = readdirSync(core, { recursive: true })
    .map(String)
    .filter((name) => name.endsWith('.ts') && !/\.test\.ts$|(^|\/)testing\//.test(name))
    .sort();
  return files.flatMap((name) => {
    const source = ts.createSourceFile(
      name,
      readFileSync(join(core, name), 'utf8'),
      ts.ScriptTarget.Latest,
      true,
    );
    return source.statements.filter(ts.isVariableStatement).flatMap((statement) => {
      const comment = (ts.getLeadingCommentRanges(source.text, statement.getFullStart()) ?? [])
        .map(({ pos, end }) => source.text.slice(pos, end))
        .join(' ');
      return statement.declarationList.declarations.flatMap(({ name: called, initializer }) => {
        const row = `${name.replace(/\.ts$/, '')} ${called.getText()}`;
        const value = initializer ? figuresIn(initializer) : null;
        if (value !== null) return [{ row, value, comment }];
        return initializer
          ? [...figuresOfTable(called.getText(), initializer), ...figuresOfSchema(initializer)].map(
              ({ entry, value: of }) => ({
                row: `${row} ${entry}`,
                value: of,
                comment,
              }),
            )
          : [];
      });
    });
  });
}
