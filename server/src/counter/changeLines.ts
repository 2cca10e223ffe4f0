import { setImmediate as breathe } from 'node:timers/promises';
import { BadRequestException, PayloadTooLargeException, UnsupportedMediaTypeException } from '@nestjs/common';
import { lineSchema, MOST_GOODS, type CounterChange } from '@rotula/core';
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
  const parsed = schema.safeParse(value);
  if (!parsed.success) {
    const issue = parsed.error.issues[0]!;
    throw new BadRequestException(
      `Line ${n}, ${issue.path.map(String).join('.') || 'the line'}: ${issue.message}`,
    );
  }
  if ('name' in parsed.data) change.name = parsed.data.name;
  else if ('put' in parsed.data) change.put.push(parsed.data.put);
  else change.remove.push(parsed.data.remove);
}
