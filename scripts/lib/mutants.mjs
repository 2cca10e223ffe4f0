import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';

/** Mutants: copies of a file of core in which one figure is another one. */

/** No figures: 0 and 1, places in a list, how many digits are kept, what rounding may leave. */
const isForm = (node) =>
  ['0', '1'].includes(node.text) ||
  Number(node.text) <= 1e-6 ||
  ts.isElementAccessExpression(node.parent) ||
  ts.isLiteralTypeNode(node.parent) ||
  (ts.isPropertyAssignment(node.parent) && node.parent.name === node) ||
  (ts.isCallExpression(node.parent) && /slice|toFixed|toPrecision$/.test(node.parent.expression.getText()));

/** @returns another figure: a fifth more or less, of a whole number at least one. */
function changed(text, up) {
  const value = Number(text);
  if (!Number.isInteger(value)) return String(Number((value * (up ? 1.2 : 0.8)).toPrecision(8)));
  const step = Math.max(1, Math.round(value / 5));
  return String(up ? value + step : value - step);
}

function literalsOf(root, file) {
  const text = readFileSync(join(root, file), 'utf8');
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true);
  const found = [];
  const visit = (node) => {
    if (ts.isNumericLiteral(node) && !isForm(node)) {
      const { line } = source.getLineAndCharacterOfPosition(node.getStart());
      found.push({
        file,
        line: line + 1,
        at: node.getStart(),
        from: node.text,
        says: text.split('\n')[line].trim(),
      });
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

/** @returns every figure of some rooms (folders or files of core/src), in the order of their files. */
export function figuresOfRooms(root, rooms) {
  const files = rooms.flatMap((room) =>
    room.endsWith('.ts')
      ? [`core/src/${room}`]
      : readdirSync(join(root, 'core/src', room), { recursive: true })
          .map((name) => `core/src/${room}/${String(name)}`)
          .filter((name) => /\.ts$/.test(name) && !/\.test\.ts$/.test(name))
          .sort(),
  );
  return files.flatMap((file) => literalsOf(root, file));
}

/** mulberry32: the same seed draws the same figures. */
function chance(seed) {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}

/** @returns `count` mutants, drawn without repeats. */
export function drawMutants(figures, count, seed) {
  const next = chance(seed);
  const left = [...figures];
  return Array.from({ length: Math.min(count, left.length) }, () => {
    const [figure] = left.splice(Math.floor(next() * left.length), 1);
    return { ...figure, to: changed(figure.from, next() < 0.5) };
  });
}
