import { describe, expect, test } from '@jest/globals';
import { readTable, textOf } from './tableText';

const bytes = (...codes: number[]) => new Uint8Array(codes).buffer;
const latin = (text: string) => bytes(...[...text].map((c) => c.charCodeAt(0)));
const read = (text: string, divider?: string) => readTable(text, 'UTF-8', divider);

describe('the text of a file', () => {
  // Source: WHATWG Encoding Standard: 0xE9 is é in windows-1252, and no UTF-8 by itself. (Node 20 decodes 0x80 to 0x9F
  // wrongly; the euro sign is looked at in the browser, e2e/src/counter.test.ts.)
  test('Windows-1252 is told from UTF-8', () => {
    expect(textOf(bytes(0x61, 0xe9))).toEqual({ text: 'aé', encoding: 'Windows-1252' });
    expect(textOf(new TextEncoder().encode('€é').buffer as ArrayBuffer)).toEqual({
      text: '€é',
      encoding: 'UTF-8',
    });
    expect(textOf(latin('plain'))).toMatchObject({ encoding: 'UTF-8' });
    expect(textOf(bytes(0xff, 0xfe, 0x61, 0x00)).text.replace(/^\uFEFF/, '')).toBe('a');
  });
  test('what was read otherwise than usual is said', () =>
    expect(readTable('id,note\na,b', 'Windows-1252')).toMatchObject({
      notes: [expect.stringContaining('Windows-1252')],
    }));
});

describe('lines and columns', () => {
  test('mixed line ends, as pasted lists have them', () =>
    expect(read('id,note\r\na,1\nb,2\rc,3')).toMatchObject({
      body: [
        ['a', '1'],
        ['b', '2'],
        ['c', '3'],
      ],
    }));
  test('a line end inside a text stays', () =>
    expect(read('id,note\na,"two\nlines"')).toMatchObject({ body: [['a', 'two\nlines']] }));
  test('a quotation mark that is never closed is refused, with its line', () => {
    expect(read('id,note\na,"open\nb,2\nc,3')).toMatchObject({
      is: 'nothing',
      says: expect.stringMatching(/about line 2/),
    });
  });
  test('a heading twice is refused', () =>
    expect(read('id,price,price\na,1,2')).toMatchObject({
      is: 'nothing',
      says: expect.stringContaining('“price” stands twice'),
    }));
  test.each([',', ';', '\t', '|'])('columns divided by %j', (sign) =>
    expect(read(['id', 'note'].join(sign) + '\n' + ['a', 'b'].join(sign))).toMatchObject({
      body: [['a', 'b']],
    }),
  );
  test('a semicolon list with decimal commas is one', () =>
    expect(read('id;price\na;12,50\nb;9')).toMatchObject({
      body: [
        ['a', '12,50'],
        ['b', '9'],
      ],
    }));
  test('what could be divided in two ways is asked, and read as it is said', () => {
    const text = 'id,name;price\na,x;1\nb,y;2';
    expect(read(text)).toMatchObject({ is: 'divided', by: [{ sign: ',' }, { sign: ';' }] });
    expect(read(text, ';')).toMatchObject({ is: 'table', headings: ['id,name', 'price'] });
  });
  test.each(['', 'id', 'id,note'])('%j is no table', (text) =>
    expect(read(text)).toMatchObject({ is: 'nothing' }),
  );
});
