import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { expect, test } from '@jest/globals';

/** The documents name what is there. */

const pages = readdirSync('docs', { recursive: true })
  .map(String)
  .filter((name) => name.endsWith('.md'))
  .map((name) => join('docs', name));

test('every room has its page, and every page its room', () => {
  const rooms = readdirSync('core/src', { withFileTypes: true })
    .filter((entry) => entry.isDirectory() && entry.name !== 'testing')
    .map(({ name }) => `${name}.md`);
  expect(readdirSync('docs/rooms').sort()).toEqual(rooms.sort());
});

test('every link of a document leads somewhere', () => {
  for (const page of ['README.md', ...pages])
    for (const [, link] of readFileSync(page, 'utf8').matchAll(/\]\(([^)#:]+)\)/g))
      expect([page, link, existsSync(join(dirname(page), link!))]).toEqual([page, link, true]);
});

/** Where a file may stand that a page names by less than its path. */
const everyFile = ['core/src', 'web/src', 'server/src', 'e2e/src', 'scripts', 'demo'].flatMap((folder) =>
  readdirSync(folder, { recursive: true }).map((name) => join(folder, String(name))),
);

test('the files that architecture and rooms name are there', () => {
  const missing = pages
    .filter((name) => /architecture|rooms/.test(name))
    .flatMap((page) =>
      [...readFileSync(page, 'utf8').matchAll(/`([\w/.-]+\.(?:tsx?|mjs|csv))`/g)]
        .map(([, file]) => file!.replace(/^core\/(?!src\/)/, 'core/src/'))
        .filter((file) => !everyFile.some((name) => name === file || name.endsWith(`/${file}`)))
        .map((file) => [page, file]),
    );
  expect(missing).toEqual([]);
});

test('a decision that is superseded says by which, and that one is there', () => {
  const text = readFileSync('docs/decisions.md', 'utf8');
  const records = [
    ...text.matchAll(/^- \*\*(\d+)\*\* · (\d{4}-\d{2}-\d{2}) · (stands|superseded by (\d+)) · /gm),
  ];
  expect(records.length).toBe([...text.matchAll(/^- /gm)].length);
  const numbers = records.map(([, number]) => number);
  expect(new Set(numbers).size).toBe(numbers.length);
  for (const [, , , , by] of records) if (by) expect(numbers).toContain(by);
});
