import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';

/** The figures of the code: every constant of a file of core that holds nothing but numbers, with the file that it stands in. */

const OPERATIONS = {
  '*': (a, b) => a * b,
  '/': (a, b) => a / b,
  '+': (a, b) => a + b,
  '-': (a, b) => a - b,
  '**': (a, b) => a ** b,
};
const isWrapped = (node) =>
  ts.isParenthesizedExpression(node) || ts.isAsExpression(node) || ts.isSatisfiesExpression(node);

/** What a constant holds: a number, or lists and records of them; null: something else. A brand (`grams(5)`) is the number in it. */
function figuresIn(node) {
  if (ts.isNumericLiteral(node)) return Number(node.text);
  if (isWrapped(node)) return figuresIn(node.expression);
  if (ts.isPrefixUnaryExpression(node) && node.operator === ts.SyntaxKind.MinusToken) {
    const value = figuresIn(node.operand);
    return typeof value === 'number' ? -value : null;
  }
  if (ts.isCallExpression(node) && ts.isIdentifier(node.expression) && node.arguments.length === 1)
    return typeof figuresIn(node.arguments[0]) === 'number' ? figuresIn(node.arguments[0]) : null;
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

/** As it stands in the document: a table of more than two dozen by how many they are and what tells them apart from any other. */
export function writtenFigure(value) {
  const many = numbersIn(value).length;
  if (many <= LONGEST) return named(value);
  return `${many} figures, ${createHash('sha1').update(named(value)).digest('hex').slice(0, 8)}`;
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
        const value = initializer ? figuresIn(initializer) : null;
        return value === null
          ? []
          : [{ row: `${name.replace(/\.ts$/, '')} ${called.getText()}`, value, comment }];
      });
    });
  });
}
