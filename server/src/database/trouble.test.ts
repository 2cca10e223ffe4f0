import { expect, test } from '@jest/globals';
import { isBrokenRule, isBusy, isDatabaseFault, troubleOf } from './trouble.js';

const fault = (code: string, message = 'x') => Object.assign(new Error(message), { code });

// Source: result codes of SQLite (sqlite.org/rescode.html) and of POSIX.
test.each([
  ['SQLITE_NOTADB', /damaged.*npm run restore/],
  ['SQLITE_CORRUPT', /damaged.*npm run restore/],
  ['SQLITE_READONLY', /cannot be written.*ROTULA_DATA/],
  ['EROFS', /cannot be written/],
  ['EACCES', /cannot be written/],
  ['SQLITE_FULL', /disk .* is full/],
  ['ENOSPC', /disk .* is full/],
  ['SQLITE_BUSY', /Another program holds/],
  ['SQLITE_CANTOPEN', /cannot be opened/],
])('%s is one sentence that says what to do', (code, says) => {
  const { message } = troubleOf(fault(code), '/shop/rotula.sqlite');
  expect(message).toMatch(says);
  expect(message).toContain('/shop/rotula.sqlite');
  expect(message.split('\n')).toHaveLength(1);
});

// Whatever SQLite says of a statement may quote what a customer said.
test('a fault that nobody foresaw is told by its code, without its words', () => {
  const words = "INSERT INTO orders VALUES ('Ada, allergic')";
  expect(troubleOf(fault('SQLITE_MISMATCH', words), '/shop/rotula.sqlite').message).toBe(
    'The data in /shop/rotula.sqlite cannot be used (SQLITE_MISMATCH).',
  );
  expect(isBrokenRule(fault('SQLITE_CONSTRAINT_PRIMARYKEY', words))).toBe(true);
});

test('a fault of the database is told from a refusal of ours', () => {
  expect(isDatabaseFault(fault('SQLITE_IOERR'))).toBe(true);
  expect(isDatabaseFault(new Error('There is no order x'))).toBe(false);
  expect(isBusy(fault('SQLITE_LOCKED'))).toBe(true);
  expect(isBusy(fault('SQLITE_FULL'))).toBe(false);
  // Drizzle wraps the fault that it was given.
  expect(isBusy(Object.assign(new Error('Failed query'), { cause: fault('SQLITE_BUSY') }))).toBe(true);
});
