import { describe, expect, test } from '@jest/globals';
import {
  ALLERGENS,
  effectOf,
  House,
  LIMITS,
  matchOf,
  plan,
  priceSteps,
  TIME_OUT,
  troubleOf,
  type Companion,
  type Drink,
  type Main,
  type Plan,
  type ProduceCut,
  type Reason,
  type Task,
} from '@rotula/core';
import { aBrief } from '../../../core/src/testing/briefs';
import { demoCounter } from '../../../core/src/testing/goods';
import { anOrder } from '../../../core/src/testing/orders';
import { reference } from '../../../core/src/testing/reference';
import { formatFor } from '../ui/format';
import {
  allergenLabel,
  becauseWords,
  cutLabel,
  limitLabel,
  produceWords,
  schoolWords,
  SCHOOLS,
  sentence,
  wayOutWords,
} from '.';
import { workWords } from './clock';

const metric = formatFor(House.parse({}));
const us = formatFor(House.parse({ units: 'US customary', currency: 'USD', country: 'US' }));
import './danger';

const counter = demoCounter();

/** A plan in which much is wrong, so that many rules speak. */
const troubled = (): Plan =>
  plan(
    anOrder({
      brief: aBrief({
        guests: { adults: 10, children: 2, under5: 2, infants: 1 },
        adventurous: 1,
        lowCarb: 2,
        apart: 1,
        travelMinutes: 45,
        surface: 'salt block',
        setting: 'outdoors, hot',
        budget: { amount: 2000, per: 'total' },
        limits: LIMITS.slice(0, 14).map(({ id, severity }, i) => ({
          what: id,
          severity,
          reach: i === 9 ? ('board' as const) : (['own plate', 'card'] as const)[i % 2]!,
          guests: 1,
          who: '',
          note: '',
        })),
      }),
      selection: {
        goods: counter
          .filter((g) => g.kind === 'cheese' || g.kind === 'meat')
          .slice(0, 12)
          .map((g) => g.id),
      },
      portions: { halyard: 90000 },
    }),
    counter,
    House.parse({}),
  );

/** Every reason in a tree of plain data. */
function reasonsIn(tree: unknown, found: Reason[] = []): Reason[] {
  if (tree instanceof Map) for (const value of tree.values()) reasonsIn(value, found);
  else if (Array.isArray(tree)) for (const value of tree) reasonsIn(value, found);
  else if (tree && typeof tree === 'object') {
    if ('rule' in tree && 'figures' in tree) found.push(tree as Reason);
    for (const value of Object.values(tree)) reasonsIn(value, found);
  }
  return found;
}

const METRIC = /\d\s?(g|kg|mm|cm|°C)\b|\d{4}-\d{2}-\d{2}/;
const BROKEN = /undefined|NaN|null|\[object|\{|\}/;

describe('every reason of a plan has its sentence', () => {
  const reasons = reasonsIn(troubled());
  test('many rules speak, and none of them in a broken sentence', () => {
    expect(new Set(reasons.map((r) => r.rule)).size).toBeGreaterThan(45);
    for (const reason of reasons) {
      const text = sentence(reason, metric);
      const whole = text.length > 2 && !BROKEN.test(text);
      expect([reason.rule, text, whole]).toEqual([reason.rule, text, true]);
    }
  });
  test('no sentence says grams, millimetres, Celsius or a stored date to a house with US units', () => {
    for (const reason of reasons) expect(sentence(reason, us)).not.toMatch(METRIC);
    for (const { excluded } of [troubled().targets])
      for (const { because } of excluded) expect(becauseWords(because, us)).not.toMatch(METRIC);
  });
  test('in metric the figures are there', () => {
    const said = reasons.map((reason) => sentence(reason, metric)).join('\n');
    expect(said).toMatch(/ to \d+ g an adult/);
    expect(said).toMatch(/above 32 °C|hour out of the cold/);
    expect(said).toMatch(/travels 45 minutes/);
  });
});

// Source: USDA FSIS consumer advice: two hours out of the cold, one hour above 90 °F.
test('time and temperature in the units of the house', () => {
  expect([us.celsius(TIME_OUT.above), metric.celsius(TIME_OUT.above)]).toEqual(['90 °F', '32 °C']);
  expect([us.minutes(TIME_OUT.most), us.minutes(TIME_OUT.mostAbove), us.minutes(1), us.minutes(45)]).toEqual([
    'two hours',
    'one hour',
    '1 minute',
    '45 minutes',
  ]);
});

test('a cut is named with its size in the units of the house', () => {
  expect(cutLabel('coins')).toBe('coins');
  expect(cutLabel('ribbon')).toBe('ribbons, gathered loosely');
});

test('how a companion is cut: of whole fruit, or by the slices, crackers and nuts themselves', () => {
  const piece = {} as ProduceCut['piece'];
  const how = (form: string, more: Partial<ProduceCut>) =>
    produceWords({ form, piece, wholes: null, pieces: null, parts: 1, ...more } as ProduceCut);
  expect(how('in thin slices', { wholes: 3, pieces: 36 })).toBe('in thin slices, of about 3');
  expect(how('in slices a finger thick', { wholes: 29, pieces: 58, parts: 2 })).toBe(
    'in slices a finger thick: about 29, each into 2',
  );
  expect(how('whole', { wholes: 43, pieces: 43 })).toBe('whole: about 43');
  expect(how('whole', {})).toBe('whole, by eye');
  expect(how('in a bowl, with its spoon', { piece: null })).toBe('in a bowl, with its spoon');
});

test('a cut says its strokes, of each where several are cut alike, and what guests cut themselves', () => {
  const usual = {
    style: 'centre wedges',
    strokes: 10,
    copies: 1,
    pieces: 16,
    piece: 11,
    estimated: false,
    whole: false,
  };
  const said = (more: object) =>
    sentence(
      { rule: 'divide', subject: 'x', figures: { ...usual, ...more } } as unknown as Reason,
      formatFor(House.parse({})),
    );
  expect(said({})).toBe('16 pieces of 11 g: wedges from the centre, 10 strokes');
  expect(said({ copies: 4, pieces: 62 })).toBe('62 pieces of 11 g: wedges from the centre, 10 strokes each');
  expect(said({ style: 'first wedge out', strokes: 0, whole: true })).toBe(
    'Whole, a first wedge pulled: guests cut 16 pieces of 11 g of it',
  );
});

test('work says what of it is for own plates', () => {
  const goodsOf = (ids: readonly string[]) => ids.join(' and ');
  const out = (goods: string[], forPlates: string[]) =>
    workWords({ kind: 'take out', goods, forPlates, boards: null } as unknown as Task, goodsOf);
  expect(out(['Tarpot'], [])).toBe('Out of the cold: Tarpot');
  expect(out(['Tarpot'], ['Tarpot', 'Eider'])).toBe(
    'Out of the cold: Tarpot; for own plates: Tarpot and Eider',
  );
  expect(out([], ['Eider'])).toBe('Out of the cold; for own plates: Eider');
});

test('why a good is there, each knee, and each way out can be said', () => {
  const brief = aBrief({ budget: { amount: 3000, per: 'total' } });
  const mains = plan(
    anOrder({ selection: { goods: ['halyard', 'tarpot', 'bosun-ham'] } }),
    counter,
    House.parse({}),
  ).mains;
  for (const main of mains)
    for (const part of effectOf(main, mains, null, plan(anOrder({}), counter, House.parse({})).brief).parts)
      expect(sentence(part, us)).not.toMatch(BROKEN);
  const trouble = troubleOf({ brief, wishes: { locked: [], leftOut: [] } }, counter, House.parse({}));
  expect(trouble.waysOut.map((way) => wayOutWords(way.words, us))).toEqual(
    expect.arrayContaining([expect.stringMatching(/a budget of \$\d+\.\d\d in all/)]),
  );
  const knees = priceSteps(
    aBrief(),
    counter.slice(0, 60),
    House.parse({}),
    { locked: [], leftOut: [] },
    { nodeLimit: 200 },
  );
  for (const { knee } of knees) if (knee) expect(sentence(knee, us)).toMatch(/\w{2}/);
});

test('every limit has a label, told apart from all others', () => {
  const labels = LIMITS.map(({ id }) => limitLabel(id));
  expect(new Set(labels).size).toBe(labels.length);
  for (const label of labels) expect(label).toMatch(/^[\p{L}]/u);
});

// Source: Regulation (EU) 1169/2011 Annex II; US FALCPA and FASTER Act.
test('allergens are called as the published lists call them', () => {
  expect(ALLERGENS.map(({ id }) => allergenLabel(id).toLowerCase())).toEqual(
    reference('allergens').map((row) => row.allergen!.toLowerCase().replace(/ over 10.*/, '')),
  );
});

test('each school has one sentence for and one against, in the units of the house', () => {
  for (const school of SCHOOLS)
    for (const said of Object.values(schoolWords(school, us).options)) {
      expect(said.for.length).toBeGreaterThan(10);
      expect(said.against.length).toBeGreaterThan(10);
      expect(said.for + said.against).not.toMatch(METRIC);
    }
});

// A family goes by role and aroma: what it is called must be true of pineapple and prunes too.
test('a custom says whose it is, by words for the whole family, and how firmly', () => {
  const said = (good: string, beside: string) => {
    const all = counter.find(({ id }) => id === good)! as Main;
    const { reasons } = matchOf(all, counter.find(({ id }) => id === beside)! as Companion | Drink);
    return sentence(
      reasons.find(({ rule }) => rule.endsWith('custom'))!,
      metric,
    );
  };
  expect(said('bosun-ham', 'pineapple')).toBe('melon and tropical fruit with cured whole cuts: an old match');
  expect(said('slate-quay', 'prunes')).toBe('dark dried fruit with blue cheese: an old match');
  expect(said('halyard', 'late-light-red')).toBe('light red wine with bloomy cheese: often together');
  expect(said('slate-quay', 'estuary-white')).toBe('crisp white wine with blue cheese: seldom together');
  expect(said('halyard', 'hull-number-nine')).toBe('full red wine with bloomy cheese: long kept apart');
});
