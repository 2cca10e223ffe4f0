import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import Papa from 'papaparse';
import { aCheese, demoCounter } from '../../testing/goods.js';
import { changed, changeTo, inverseOf, staleGoods } from '../changing.js';
import { blankGood } from '../blank.js';
import { Good } from '../good.js';
import { asStored } from '../reading.js';
import { SENSES } from '../words.js';
import { goodsById } from '../kinds.js';
import { guessColumns, unknownHeadings } from './headings.js';
import { intakeOfGoods, intakeOfTable } from './intake.js';
import { idFrom } from './newGood.js';
import { escapeCell, unescapeCell } from './escape.js';
import { HEADINGS, tableOf } from './rows.js';

const CENTS = 100;
const counter = demoCounter().map(asStored);
/** To CSV text and back to rows of cells, by the parser that the interface uses. */
const throughText = (rows: string[][]) => Papa.parse<string[]>(Papa.unparse(rows)).data;
const readBack = (goods: readonly Good[], onto: readonly Good[] = []) => {
  const [headings, ...body] = throughText(tableOf(goods));
  return intakeOfTable(headings!, body, onto, CENTS)!;
};

describe('a counter goes out as CSV and comes back without loss', () => {
  test('the demo counter, every good of it', () => {
    const { rows, counts } = readBack(counter);
    expect(counts).toMatchObject({ new: counter.length, refused: 0 });
    expect(rows.map((row) => row.good)).toEqual(counter);
  });
  test('laid over itself nothing changes', () => {
    expect(readBack(counter, counter).counts).toEqual({
      new: 0,
      changed: 0,
      same: counter.length,
      refused: 0,
    });
  });
  test('a good whose scales are estimated stays so', () => {
    const blank = blankGood('cheese', 'New', 'new', 'a cheese');
    const { rows } = readBack([blank]);
    expect(rows.map((row) => row.good)).toEqual([blank]);
  });
  const nasty = fc.string({
    unit: fc.constantFrom('a', 'é', ';', '\\', '"', ',', '=', '+', '-', '@', "'", '\t', '\n', ' ', '1'),
    maxLength: 12,
  });
  const word = nasty.map((s) => s.trim()).filter((s) => s.length > 0);
  test('whatever is written in its texts and lists', () => {
    fc.assert(
      fc.property(
        // A garnish cannot be called anything: what is not known by name is refused.
        fc.constantFrom(...counter.filter((good) => !(good.kind === 'companion' && good.role === 'garnish'))),
        fc.record({
          name: word,
          style: word,
          maker: nasty,
          note: nasty,
          code: fc.constantFrom('', '=1', "'x", '007'),
        }),
        fc.array(word, { maxLength: 4 }),
        fc.uniqueArray(
          fc.record({
            id: word,
            taster: word,
            note: nasty,
            grams: fc.double({ min: 0, max: 9000, noNaN: true }),
          }),
          { maxLength: 3, selector: (lot) => lot.id },
        ),
        (good, texts, words, lots) => {
          const twisted = Good.parse({
            ...good,
            ...texts,
            adjectives: words,
            contents: { ...good.contents, ingredients: words },
            lots: lots.map((lot) => ({
              id: lot.id,
              grams: lot.grams,
              verdict: { says: 'ready', taster: lot.taster, on: '2026-11-23', note: lot.note, words },
            })),
          });
          expect(readBack([twisted]).rows[0]?.good).toEqual(twisted);
        },
      ),
    );
  });
  test('JSON too: each good stands or falls alone', () => {
    const parse = (value: unknown) => {
      const parsed = Good.safeParse(value);
      return parsed.success ? { good: parsed.data } : { says: parsed.error.issues[0]!.message };
    };
    const file = JSON.parse(
      JSON.stringify([...counter.slice(0, 5), { ...counter[5], price: 'dear' }]),
    ) as unknown[];
    const { rows, counts } = intakeOfGoods(file, [], parse)!;
    expect(counts).toMatchObject({ new: 5, refused: 1 });
    expect(rows.slice(0, 5).map((row) => row.good)).toEqual(counter.slice(0, 5));
    expect(rows[5]).toMatchObject({ line: 6, outcome: 'refused' });
  });
});

describe('cells that a spreadsheet would run', () => {
  // Source: OWASP, "CSV Injection": cells that begin with =, +, -, @, tab or carriage return.
  test.each(['=1+1', '+1', '-x', '@SUM(A1)', '\tx', '\rx', "'quoted"])('%j is escaped', (text) => {
    expect(escapeCell(text)).toBe(`'${text}`);
  });
  test('numbers and words stand as they are', () => {
    for (const text of ['-4', '12.5', 'x=1', '']) expect(escapeCell(text)).toBe(text);
  });
  test('an apostrophe of somebody else’s file that guards nothing stays', () => {
    expect(unescapeCell("'twas")).toBe("'twas");
    expect(unescapeCell("'=1")).toBe('=1');
  });
  test('escaping is undone by reading, for every text, and nothing that runs is left', () => {
    fc.assert(
      fc.property(
        fc.string({ unit: fc.constantFrom('=', '+', '-', '@', "'", '\t', '\r', 'a', '1', '.') }),
        (text) => {
          const cell = escapeCell(text);
          expect(unescapeCell(cell)).toBe(text);
          if (!/^-?\d+(\.\d+)?$/.test(cell)) expect(cell).not.toMatch(/^[=+\-@\t\r]/);
        },
      ),
    );
  });
});

describe('taking a file in', () => {
  const table = (headings: string[], ...body: string[][]) => intakeOfTable(headings, body, counter, CENTS)!;
  test('new, changed, same and refused rows, each with its line and the reason', () => {
    const { rows } = table(
      ['kind', 'id', 'name', 'price.amount'],
      ['', 'halyard', 'Halyard', '2790'],
      ['', 'nobody', 'Nobody', '100'],
      ['cheese', 'wren-curd', 'Wren Curd', 'dear'],
      ['stone', 'pebble', 'Pebble', '1'],
    );
    const now = counter.find((g) => g.id === 'halyard')!.price.amount;
    expect(rows[0]).toMatchObject({ line: 2, outcome: now === 2790 ? 'same' : 'changed', says: 'price' });
    expect(rows[1]).toMatchObject({
      line: 3,
      outcome: 'refused',
      says: expect.stringContaining('needs a kind'),
    });
    expect(rows[2]).toMatchObject({ line: 4, outcome: 'refused', says: 'price.amount: “dear” is no number' });
    expect(rows[3]).toMatchObject({
      line: 5,
      outcome: 'refused',
      says: expect.stringContaining('no kind “stone”'),
    });
  });
  test('a supplier’s price list is mapped: by name, prices as people write them, nothing else touched', () => {
    const headings = ['Article No.', 'Product', 'Price per kg', 'Pallet'];
    const map = guessColumns(headings);
    expect(map).toEqual({ 'Article No.': 'code', Product: 'name', 'Price per kg': 'price', Pallet: '' });
    expect(unknownHeadings(headings)).toEqual(headings);
    const { rows } = table(
      headings.map((h) => map[h]!),
      ['A-17', 'HALYARD', '€ 27,95', '4'],
    );
    const halyard = counter.find((g) => g.id === 'halyard')!;
    expect(rows[0]!.good).toEqual({ ...halyard, code: 'A-17', price: { ...halyard.price, amount: 2795 } });
  });
  test('lots alone change the lots alone; a good named twice is refused the second time', () => {
    const lotRow = HEADINGS.map(
      (h) => ({ id: 'halyard', kind: 'cheese', 'lot.id': 'new-1', 'lot.grams': '750' })[h] ?? '',
    );
    const { rows } = table([...HEADINGS], lotRow);
    const halyard = counter.find((g) => g.id === 'halyard')!;
    expect(rows[0]!.good).toMatchObject({ ...halyard, lots: [{ id: 'new-1', grams: 750 }] });
    const twice = table(['id', 'note'], ['halyard', 'a'], ['halyard', 'b']).rows;
    expect(twice[1]).toMatchObject({ outcome: 'refused', says: 'halyard stands twice in this file' });
  });
  test('a blank cell changes no allergen: what a good contains it goes on to contain', () => {
    const milky = counter.filter(({ allergens }) => allergens.contains.length > 0);
    const paths = HEADINGS.filter((heading) => heading.startsWith('allergens.'));
    const { rows } = table(
      ['id', ...paths, 'note'],
      ...milky.map(({ id }) => [id, ...paths.map(() => ''), 'from the list']),
    );
    expect(rows.map(({ outcome }) => outcome)).toEqual(milky.map(() => 'changed'));
    for (const [i, good] of milky.entries())
      expect(rows[i]!.good).toEqual({ ...good, note: 'from the list' });
    // What is entered is taken.
    const told = table(['id', 'allergens.contains'], [milky[0]!.id, 'milk; eggs']).rows[0]!;
    expect(told.good!.allergens.contains).toEqual(['milk', 'eggs']);
  });
  test('half a character and a poisonous garnish are refused, each in its row', () => {
    const { rows } = table(
      ['id', 'note', 'name', 'role'],
      ['halyard', 'half \ud83e', 'Halyard', ''],
      [counter.find((g) => g.kind === 'companion' && g.role === 'garnish')!.id, '', 'Holly', 'garnish'],
    );
    expect(rows[0]).toMatchObject({ outcome: 'refused', says: expect.stringContaining('half a character') });
    expect(rows[1]).toMatchObject({ outcome: 'refused', says: expect.stringContaining('poisonous') });
  });
  test('it tells how far it is and stops when asked', () => {
    const told: number[] = [];
    const body = Array.from({ length: 1200 }, (_, i) => ['', 'halyard', String(i)]);
    expect(
      intakeOfTable(['kind', 'id', 'note'], body, counter, CENTS, (done) => (told.push(done), done >= 500)),
    ).toBeNull();
    expect(told).toEqual([0, 500]);
  });
  test('an id from a name', () => expect(idFrom('Crème  d’Été No. 4!')).toBe('creme-d-ete-no-4'));
});

describe('a change of the counter and its inverse', () => {
  const byId = goodsById(counter);
  test('undo brings the counter back as it was, new goods taken away again', () => {
    const some = fc.subarray(counter.slice(0, 30), { minLength: 1 });
    fc.assert(
      fc.property(some, fc.integer({ min: 0, max: 3 }), (goods, fresh) => {
        const edited = goods.map((good) => ({ ...good, note: `${good.note}!` }) as Good);
        const added = Array.from({ length: fresh }, (_, i) => aCheese(`fresh-${i}`));
        const change = changeTo('an import', [...edited, ...added], byId);
        expect(staleGoods(change, byId)).toEqual([]);
        const after = changed(change, counter);
        const back = inverseOf(change, byId);
        expect(staleGoods(back, goodsById(after))).toEqual([]);
        expect(changed(back, after)).toEqual(counter);
        // What was changed elsewhere in the meantime is not overwritten.
        expect(staleGoods(change, goodsById(after))).toContain(goods[0]!.id);
      }),
      { numRuns: 40 },
    );
  });
});

describe('scales that a table does not tell', () => {
  const cheese = tableOf([counter.find(({ id }) => id === 'tarpot')!]);
  /** The table of one cheese under a new id, without these columns. */
  const without = (gone: (heading: string) => boolean) => {
    const kept = cheese[0]!.map((heading, i) => [heading, i] as const).filter(([heading]) => !gone(heading));
    const body = cheese
      .slice(1, 2)
      .map((cells) => kept.map(([heading, i]) => (heading === 'id' ? 'another' : cells[i]!)));
    return intakeOfTable(
      kept.map(([heading]) => heading),
      body,
      [],
      CENTS,
    )!.rows[0]!;
  };
  test('are estimated and marked; what it tells stays', () => {
    const { good, outcome } = without(
      (h) => h === 'estimated' || (h.startsWith('sense.') && h !== 'sense.salty'),
    );
    expect(outcome).toBe('new');
    expect(good).toMatchObject({
      estimated: SENSES.filter((scale) => scale !== 'salty'),
      sense: { salty: 6 },
    });
    expect((good as { sense: { intensity: number } }).sense.intensity).toBeGreaterThan(5);
  });
  test('are none where a table tells all of them', () => {
    expect(without((h) => h === 'estimated').good).toMatchObject({ estimated: [] });
  });
  test('one that a table changes is no estimate any more, the others stay', () => {
    const blank = blankGood('cheese', 'New', 'new', 'a cheese');
    const rows = tableOf([blank]);
    rows[1]![rows[0]!.indexOf('sense.salty')] = '9';
    const { good } = intakeOfTable(rows[0]!, rows.slice(1), [blank], CENTS)!.rows[0]!;
    expect(good).toMatchObject({
      sense: { salty: 9 },
      estimated: SENSES.filter((scale) => scale !== 'salty'),
    });
  });
});
