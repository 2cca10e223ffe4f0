import { expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { COLUMNS, CounterFile, SCHEMAS } from '@rotula/core';
import { SECTIONS, TRIAL_SECTION, valueAt, withValue } from './fields';

const counter = CounterFile.parse(JSON.parse(readFileSync('demo/counter.json', 'utf8'))).goods;

test('every field that the editor shows is a field of the open format, and belongs to the kinds that have it', () => {
  for (const section of [...SECTIONS, TRIAL_SECTION])
    for (const field of section.fields) {
      const column = COLUMNS.find((c) => c.path === field.path);
      expect({ path: field.path, known: column !== undefined }).toEqual({ path: field.path, known: true });
      for (const kind of section.kinds) expect(column!.kinds).toContain(kind);
    }
});

test('a field set to what it is changes nothing, for every good and field', () => {
  for (const good of counter.filter((_, i) => i % 9 === 0))
    for (const section of SECTIONS.filter((s) => s.kinds.includes(good.kind)))
      for (const { path } of section.fields) {
        const value = valueAt(good, path);
        if (value === undefined) continue;
        expect(SCHEMAS[good.kind].parse(withValue(good, path, value))).toEqual(good);
      }
});

test('a field is set on a copy', () => {
  const good = counter[0]!;
  const before = JSON.stringify(good);
  expect(valueAt(withValue(good, 'sense.salty', 9) as typeof good, 'sense.salty')).toBe(9);
  expect(JSON.stringify(good)).toBe(before);
});
