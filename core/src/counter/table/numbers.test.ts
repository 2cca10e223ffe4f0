import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { aCheese, demoCounter } from '../../testing/goods.js';
import { goodsById } from '../kinds.js';
import { changesOf, decimalOf, intakeOfTable, totalAfter } from './intake.js';
import { decimalShown, figureOf, settledFigure } from './numbers.js';

describe('figures as people write them', () => {
  test.each([
    ['12.50', 12.5],
    ['12,50 €', 12.5],
    ['1.234,50', 1234.5],
    ['1,234.50', 1234.5],
    ['1 234,5', 1234.5],
    ['1’234.50 CHF', 1234.5],
    ['1.234.567', 1234567],
    ['£9', 9],
    ['0,125', 0.125],
    ['0.125', 0.125],
    ['1234.567', 1234.567],
    ['-5', -5],
    ['€ -5,00', -5],
  ])('%s is %p', (text, value) => expect(figureOf(text, true)).toEqual({ value }));
  test.each(['', 'on request', '1e3', '12.5.3', '1,2,3', '12..5', '3 for 2', '12 50 x 3'])(
    '%j is none',
    (text) => expect(figureOf(text, true)).toHaveProperty('says'),
  );
  test('what could be both says both readings', () => {
    expect(figureOf('12.500', true)).toEqual({ sign: '.', asDecimal: 12.5, asThousands: 12500 });
    expect(figureOf('12,500', true)).toEqual({ sign: ',', asDecimal: 12.5, asThousands: 12500 });
    expect(settledFigure(figureOf('12.500', true), '.')).toEqual({ value: 12.5 });
    expect(settledFigure(figureOf('12.500', true), ',')).toEqual({ value: 12500 });
  });
  test('a bare number may be scientific, and no currency stands beside it', () => {
    expect(figureOf('1e3', false)).toEqual({ value: 1000 });
    expect(figureOf('12 €', false)).toHaveProperty('says');
  });
  test('every number is read back as our own table writes it', () => {
    fc.assert(
      fc.property(fc.double({ min: -1e6, max: 1e6, noNaN: true }), (n) => {
        expect(settledFigure(figureOf(String(n), false), '.')).toEqual({ value: n === 0 ? 0 : n });
      }),
    );
  });
});

describe('which sign is the decimal', () => {
  const ask = (...cells: string[]) =>
    decimalOf(
      ['id', 'price'],
      cells.map((cell, i) => [`g${i}`, cell]),
    );
  test('what the other figures show', () => {
    expect(ask('12.500', '9,90')).toEqual({ decimal: ',' });
    expect(ask('12,500', '9.90')).toEqual({ decimal: '.' });
    expect(ask('12.500', '1.234.567')).toEqual({ decimal: ',' });
    expect(ask('9', '12')).toEqual({ decimal: '.' });
  });
  test('nothing shows it, or both are shown: it is asked, with the place', () => {
    expect(ask('9', '12.500')).toEqual({
      doubt: { line: 3, heading: 'price', text: '12.500', sign: '.', asDecimal: 12.5, asThousands: 12500 },
    });
    expect(ask('9,90', '9.90', '12.500')).toHaveProperty('doubt');
  });
  test('a text column is not asked', () =>
    expect(decimalOf(['id', 'name'], [['a', 'No. 12.500']])).toEqual({ decimal: '.' }));
  test('a sign is shown only without doubt', () => {
    expect(decimalShown('0,125', figureOf('0,125', true))).toBe(',');
    expect(decimalShown('12.500', figureOf('12.500', true))).toBeNull();
  });
});

describe('what would be stored is what is shown', () => {
  const counter = demoCounter();
  const halyard = goodsById(counter).get('halyard')!;
  const row = (headings: string[], ...cells: string[]) =>
    intakeOfTable(headings, [cells], counter, 100)!.rows[0]!;
  test.each([
    ['-5', /less than nothing/],
    ['1e3', /no amount of money/],
  ])('a price of %s is refused', (price, says) => {
    expect(row(['id', 'price'], 'halyard', price)).toMatchObject({
      outcome: 'refused',
      says: expect.stringMatching(says),
    });
  });
  test('a negative price by its own column is refused too', () =>
    expect(row(['id', 'price.amount'], 'halyard', '-500').says).toContain('nothing or more'));
  test('0,125 is an eighth', () => {
    const { good } = row(['id', 'price'], 'halyard', '0,125');
    expect(changesOf(good!, halyard)).toEqual([
      { field: 'price.amount', was: String(halyard.price.amount), is: '13' },
    ]);
  });
  test('cells beyond the columns are a complaint; cells that are not there change nothing', () => {
    expect(row(['id', 'note'], 'halyard', 'a', 'b').says).toContain('3 cells for 2 columns');
    expect(row(['id', 'name', 'note'], 'halyard')).toMatchObject({ outcome: 'same' });
    expect(row(['id', 'note'], 'halyard', 'a', '', '')).toMatchObject({ outcome: 'changed' });
  });
  test('an empty column of lots deletes no lots', () =>
    expect(row(['kind', 'id', 'lot.id', 'lot.grams'], 'cheese', 'halyard', '', '')).toMatchObject({
      outcome: 'same',
    }));
  test('two lots of one id are refused, in that row alone', () => {
    const headings = ['kind', 'id', 'name', 'lot.id', 'lot.grams'];
    const { rows } = intakeOfTable(
      headings,
      [
        ['', 'halyard', 'Halyard', '', ''],
        ['', 'halyard', '', 'a', '100'],
        ['', 'halyard', '', 'a', '200'],
        ['', 'tarpot', 'Tarpot anew', '', ''],
      ],
      counter,
      100,
    )!;
    expect(rows[0]).toMatchObject({ outcome: 'refused', says: expect.stringContaining('an id of its own') });
    expect(rows[1]).toMatchObject({ id: 'tarpot', outcome: 'changed' });
  });
  test('a new good shows all that would be stored of it', () => {
    const fields = changesOf(aCheese('x', { name: 'New one' }), null).map((change) => change.field);
    expect(fields).toEqual(expect.arrayContaining(['name', 'price.amount', 'texture', 'milk']));
  });
  test('the total counts what is there', () => {
    const intake = intakeOfTable(['id', 'note'], [['halyard', 'x']], counter, 100)!;
    expect(totalAfter(intake, counter)).toBe(counter.length);
  });
});
