import { setImmediate as breathe } from 'node:timers/promises';
import { BadRequestException, PayloadTooLargeException, UnsupportedMediaTypeException } from '@nestjs/common';
import { checkedDocument, faultWords, lineSchema, MOST_GOODS, type CounterChange } from '@rotula/core';
import type { Request } from 'express';

/** Media type of a change in lines. */
const LINES = 'application/x-ndjson';
/** A good of all its fields and fifty lots is some 25 kB. */
const MOST_LINE_BYTES = 1_000_000;

export function isLines(request: Request) {
  if (!request.is(LINES))
    throw new UnsupportedMediaTypeException(`Send the lines as ${LINES}: one JSON value a line.`);
}

/**
 * Read a change from a stream of lines: `{ "name" }` first, then one `{ "put" }` or `{ "remove" }` a line. Each is checked
 * as it comes, so a large file is never held whole as text.
 * @throws BadRequestException naming the line that is wrong
 */
export async function changeFromLines(request: Request): Promise<CounterChange> {
  const change: CounterChange = { name: '', put: [], remove: [] };
  let n = 0;
  let rest = '';
  const takeLine = (line: string) => {
    n++;
    if (line.length > MOST_LINE_BYTES)
      throw new PayloadTooLargeException(`Line ${n} is longer than a good can be.`);
    if (n > 2 * MOST_GOODS + 1)
      throw new PayloadTooLargeException(`More than ${MOST_GOODS} goods; send fewer.`);
    if (line.trim() !== '') take(change, line, n);
  };
  request.setEncoding('utf8');
  for await (const chunk of request as AsyncIterable<string>) {
    const lines = (rest + chunk).split('\n');
    rest = lines.pop()!;
    if (rest.length > MOST_LINE_BYTES)
      throw new PayloadTooLargeException(`Line ${n + 1} is longer than a good can be.`);
    lines.forEach(takeLine);
    // A chunk is some 64 kB: after each the server looks at its other guests.
    await breathe();
  }
  takeLine(rest);
  if (change.name === '')
    throw new BadRequestException('Line 1: say what the change is called: { "name": "…" }.');
  return change;
}

function take(change: CounterChange, text: string, n: number) {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch (fault) {
    throw new BadRequestException(`Line ${n} is not valid JSON: ${(fault as Error).message}`);
  }
  const schema = lineSchema(value);
  if (!schema) throw new BadRequestException(`Line ${n}: give one of name, put and remove.`);
  const checked = checkedDocument(schema, value);
  if ('faults' in checked)
    throw new BadRequestException(`Line ${n}, ${faultWords(checked.faults[0], 'the line')}`);
  const { document } = checked;
  if ('name' in document) change.name = document.name;
  else if ('put' in document) change.put.push(document.put);
  else change.remove.push(document.remove);
}
