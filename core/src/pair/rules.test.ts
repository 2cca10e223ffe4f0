import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Main, Meat } from '../counter/index.js';
import { aCheese, demoCounter } from '../testing/goods.js';
import { hostFacts, type CompanyFacts, type HostFacts } from './facts.js';
import { RULES, type CompanyKind } from './rules/index.js';
import { customsOf } from './customs/index.js';
import { WEIGHTS } from './weights.js';

/** A good and company of which no scale says anything; what a rule needs is set in its row. */
const SENSE = {
  sweet: 0,
  sour: 0,
  salty: 0,
  bitter: 0,
  umami: 0,
  fat: 0,
  heat: 0,
  smoke: 0,
  funk: 0,
  intensity: 5,
  persistence: 0,
};
const HOST: HostFacts = {
  ...SENSE,
  name: 'host',
  aromas: [],
  place: '',
  soft: 5,
  cream: 0,
  quiet: 0,
  mould: 0,
  fish: 0,
  meat: 0,
  wantsSweet: 0,
  customs: new Map(),
};
const COMPANY: CompanyFacts = {
  ...SENSE,
  name: 'company',
  aromas: [],
  place: '',
  crunch: 0,
  juice: 0,
  scented: 0,
  tannin: 0,
  bubbles: 0,
  body: 5,
  burn: 0,
  spice: 0,
  carrier: 0,
  families: [],
};

type Row = readonly [
  id: string,
  host: Partial<HostFacts>,
  beside: Partial<CompanyFacts>,
  /** What silences it: of the host, of the company. */
  silentHost: Partial<HostFacts> | null,
  silentBeside: Partial<CompanyFacts> | null,
];

/** Each rule where it plainly speaks, and what silences it. Source: common practice, no source. */
const ROWS: Readonly<Record<CompanyKind, readonly Row[]>> = {
  companion: [
    ['sweet-meets-salt', { salty: 6 }, { sweet: 8 }, { salty: 3 }, { sweet: 0 }],
    ['sweet-tames-funk', { funk: 7 }, { sweet: 8 }, { funk: 2 }, { sweet: 0 }],
    ['sweet-on-mould', { mould: 1 }, { sweet: 8 }, { mould: 0 }, { sweet: 0 }],
    ['tang-meets-sweet', { sour: 5 }, { sweet: 8 }, { sour: 2 }, { sweet: 0 }],
    ['acid-cuts-fat', { fat: 7 }, { sour: 5 }, { fat: 4 }, { sour: 0 }],
    ['sharp-tames-funk', { funk: 7 }, { sour: 5 }, { funk: 3 }, { sour: 0 }],
    ['sharp-against-savoury', { umami: 7 }, { sour: 5, heat: 3 }, { umami: 3 }, { sweet: 8 }],
    ['sharp-and-salt', { salty: 6 }, { sweet: 5, sour: 3 }, { salty: 3 }, { sour: 0 }],
    ['sour-on-sour', { sour: 5 }, { sour: 6 }, { sour: 3 }, { sour: 3 }],
    ['sour-on-mould', { mould: 1 }, { sour: 6 }, { mould: 0 }, { sour: 2 }],
    ['crunch-against-cream', { cream: 3 }, { crunch: 8 }, { cream: 0 }, { crunch: 0 }],
    ['crisp-against-firm', { soft: 2 }, { crunch: 8 }, { soft: 7 }, { crunch: 0 }],
    ['juice-refreshes', { fat: 7, salty: 6 }, { juice: 9 }, { fat: 4, salty: 4 }, { juice: 0 }],
    ['juice-beside-milk', { quiet: 3 }, { juice: 9 }, { quiet: 0 }, { juice: 0 }],
    ['scent-stands-up-to-it', { funk: 7 }, { scented: 3 }, { funk: 4 }, { scented: 0 }],
    ['heat-wakes-fat', { fat: 7 }, { heat: 3 }, { heat: 2 }, { heat: 0 }],
    ['heat-on-heat', { heat: 5 }, { heat: 4 }, { heat: 0 }, { heat: 0 }],
    ['salt-takes-bitterness', { salty: 7 }, { bitter: 3 }, { salty: 4 }, { bitter: 0 }],
    ['bitter-on-cream', { cream: 3 }, { bitter: 4 }, { cream: 0 }, { bitter: 1 }],
    ['acid-sharpens-salt', { salty: 8 }, { sour: 6 }, { salty: 5 }, { sour: 1 }],
    ['acid-feeds-heat', { heat: 6 }, { sour: 6 }, { heat: 3 }, { sour: 2 }],
    ['fat-cools-heat', { heat: 6 }, { fat: 6 }, { heat: 3 }, { fat: 0 }],
    ['crumb-for-cream', { cream: 3 }, { carrier: 1, crunch: 4 }, { cream: 0 }, { crunch: 9 }],
    ['tender-beside-tender', { soft: 8 }, { juice: 9, crunch: 1 }, { soft: 4 }, { crunch: 8 }],
    ['bitter-skin-sweet-paste', { sweet: 4 }, { bitter: 2 }, { sweet: 2 }, { bitter: 0 }],
    ['salt-on-salt', { salty: 7 }, { salty: 6 }, { salty: 5 }, { salty: 3 }],
    ['fat-on-fat', { fat: 8 }, { fat: 7 }, { fat: 6 }, { fat: 3 }],
    ['fat-beside-lean', { fat: 2 }, { fat: 7 }, { fat: 6 }, { fat: 3 }],
    ['savour-on-savour', { umami: 6 }, { umami: 4 }, { umami: 0 }, { umami: 0 }],
    ['carries-without-speaking', {}, { carrier: 1, intensity: 1 }, null, { carrier: 0 }],
    ['keeps-out-of-the-way', {}, { intensity: 1 }, null, { intensity: 6 }],
    ['hides-it', { quiet: 3, intensity: 1.5 }, { heat: 4 }, { quiet: 0 }, null],
    ['louder-than-it', { intensity: 2 }, { intensity: 7 }, { intensity: 7 }, { intensity: 3 }],
    ['lost-beside-it', { intensity: 8 }, { intensity: 2 }, { intensity: 4 }, { intensity: 6 }],
  ],
  drink: [
    ['acid-cuts-fat', { fat: 7 }, { sour: 6 }, { fat: 3 }, { sour: 0 }],
    ['acid-lifts-salt', { salty: 7 }, { sour: 6 }, { salty: 4 }, { sour: 0 }],
    ['acid-with-tang', { sour: 5 }, { sour: 6 }, { sour: 2 }, { sour: 0 }],
    ['acid-on-bitter', { bitter: 5 }, { sour: 8 }, { bitter: 1 }, { sour: 4 }],
    ['bubbles-lift-fat', { fat: 7 }, { bubbles: 8 }, { fat: 4 }, { bubbles: 0 }],
    ['bubbles-lift-salt', { salty: 7 }, { bubbles: 8 }, { salty: 4 }, { bubbles: 0 }],
    ['bubbles-beside-savour', { umami: 7 }, { bubbles: 8 }, { umami: 4 }, { bubbles: 0 }],
    ['sweet-as-it-asks', { wantsSweet: 5 }, { sweet: 7 }, { wantsSweet: 0 }, { sweet: 0 }],
    ['sweeter-than-it-asks', {}, { sweet: 7 }, { wantsSweet: 8 }, { sweet: 1 }],
    ['sweet-cools-heat', { heat: 6 }, { sweet: 3 }, { heat: 2 }, { sweet: 0 }],
    ['tannin-takes-fat', { soft: 2, fat: 6 }, { tannin: 6 }, { soft: 8 }, { tannin: 0 }],
    ['tannin-on-cream', { cream: 3 }, { tannin: 7 }, { cream: 0 }, { tannin: 3 }],
    ['tannin-on-mould', { mould: 1 }, { tannin: 7 }, { mould: 0 }, { sweet: 16 }],
    ['tannin-on-salt', { salty: 7 }, { tannin: 7 }, { salty: 5 }, { tannin: 2 }],
    ['tannin-on-fish', { fish: 1 }, { tannin: 7 }, { fish: 0 }, { tannin: 0 }],
    ['acid-with-fish', { fish: 1 }, { sour: 6 }, { fish: 0 }, { sour: 0 }],
    ['spice-on-cream', { cream: 3 }, { spice: 6 }, { cream: 0 }, { spice: 0 }],
    ['spice-on-heat', { heat: 6 }, { spice: 5 }, { heat: 2 }, { spice: 0, heat: 0 }],
    ['heat-and-alcohol', { heat: 6 }, { burn: 3.5 }, { heat: 2 }, { burn: 0 }],
    ['alcohol-on-salt-and-fat', { salty: 7, fat: 7 }, { burn: 3 }, { salty: 4, fat: 5 }, { sweet: 8 }],
    ['strength-holds-the-finish', { persistence: 8 }, { burn: 6 }, { persistence: 5 }, { burn: 0 }],
    ['body-for-body', { fat: 6, intensity: 5 }, { body: 5 }, { fat: 0, intensity: 0 }, { body: 10 }],
    ['bitter-cuts-fat', { fat: 7 }, { bitter: 4 }, { fat: 4 }, { bitter: 0 }],
    ['savour-on-savour', { umami: 6 }, { umami: 3 }, { umami: 3 }, { umami: 0 }],
    ['thin-beside-mould', { mould: 1 }, { body: 3 }, { mould: 0 }, { body: 6 }],
    ['louder-drink', { intensity: 2 }, { intensity: 7 }, { intensity: 7 }, { intensity: 3 }],
    ['quieter-drink', { intensity: 8 }, { intensity: 3 }, { intensity: 4 }, { intensity: 7 }],
  ],
  meat: [
    ['of-a-strength', {}, {}, { intensity: 9 }, { intensity: 1 }],
    ['louder-than-it', { intensity: 2 }, { intensity: 7 }, { intensity: 7 }, { intensity: 3 }],
    ['lost-beside-it', { intensity: 8 }, { intensity: 3 }, { intensity: 4 }, { intensity: 7 }],
    ['hides-it', { quiet: 3 }, { heat: 6 }, { quiet: 0 }, { heat: 0 }],
    ['smoke-on-quiet', { quiet: 3 }, { smoke: 5 }, { quiet: 0 }, { smoke: 0 }],
    ['salt-meat-milky-cheese', { sweet: 3 }, { salty: 8 }, { sweet: 0 }, { salty: 3 }],
    ['salt-on-salt', { salty: 7 }, { salty: 8 }, { salty: 4 }, { salty: 5 }],
    ['lean-meat-rich-cheese', { fat: 7 }, { fat: 2 }, { fat: 4 }, { fat: 6 }],
    ['fat-meat-tangy-cheese', { sour: 5 }, { fat: 7 }, { sour: 2 }, { fat: 4 }],
    ['heat-wakes-fat', { fat: 7 }, { heat: 3 }, { intensity: 3 }, { heat: 0 }],
    ['savour-on-savour', { umami: 6 }, { umami: 6 }, { umami: 3 }, { umami: 3 }],
  ],
};
const BLOOMY = { customs: customsOf(['bloomy']) };
const KINSHIP: readonly Row[] = [
  ['by-custom', BLOOMY, { families: ['cider'] }, { customs: customsOf([]) }, { families: ['strong red'] }],
  ['against-custom', BLOOMY, { families: ['full red'] }, { customs: customsOf([]) }, { families: ['cider'] }],
  ['shared-aroma', { aromas: ['nut'] }, { aromas: ['nut'] }, { aromas: ['animal'] }, { aromas: ['sea'] }],
  ['kindred-aroma', { aromas: ['nut'] }, { aromas: ['caramel'] }, { aromas: ['sea'] }, { aromas: ['nut'] }],
  ['same-place', { place: 'Fells, Coast' }, { place: 'Fells, Coast' }, { place: '' }, { place: 'Mere' }],
];

/** Facts with every figure drawn. */
const scale = fc.double({ min: 0, max: 10, noNaN: true });
const drawn = <T extends object>(base: T) =>
  fc.record(
    Object.fromEntries(
      Object.entries(base).map(([key, value]) => [
        key,
        typeof value === 'number' ? scale : fc.constant(value),
      ]),
    ) as { [K in keyof T]: fc.Arbitrary<T[K]> },
  );

const kinds = Object.keys(RULES) as CompanyKind[];
describe.each(kinds)('beside as %s', (kind) => {
  const rows = [...ROWS[kind], ...KINSHIP];
  const rule = (id: string) => RULES[kind].find((r) => r.id === id)!;
  test('each rule has its row', () => {
    expect(rows.map(([id]) => id).sort()).toEqual(RULES[kind].map(({ id }) => id as string).sort());
  });
  test.each(rows)('%s speaks, and is silenced', (id, host, beside, silentHost, silentBeside) => {
    const amount = (h: Partial<HostFacts>, b: Partial<CompanyFacts>) =>
      rule(id).of({ ...HOST, ...h }, { ...COMPANY, ...b });
    expect(amount(host, beside)).toBeGreaterThan(0.05);
    if (silentHost) expect(amount({ ...host, ...silentHost }, beside)).toBe(0);
    if (silentBeside) expect(amount(host, { ...beside, ...silentBeside })).toBe(0);
  });
  test('no rule is ever less than nothing: its sign says which way it speaks', () => {
    fc.assert(
      fc.property(drawn(HOST), drawn(COMPANY), (h, b) => {
        for (const { id, of } of RULES[kind]) expect([id, of(h, b) >= 0]).toEqual([id, true]);
      }),
      { numRuns: 60 },
    );
  });
  test('a rule that is not asked where a figure is 0 would have nothing to say there', () => {
    const gated = RULES[kind].filter(({ when }) => when !== undefined);
    expect(gated.length).toBeGreaterThan(0);
    fc.assert(
      fc.property(drawn(HOST), drawn(COMPANY), (h, b) => {
        for (const { id, when, of } of gated) expect([id, of({ ...h, [when!]: 0 }, b)]).toEqual([id, 0]);
      }),
      { numRuns: 60 },
    );
  });
  test('every fitted weight keeps its sign, within a factor of two and a half of its prior', () => {
    for (const { id, prior, fixed } of RULES[kind]) {
      const weight = WEIGHTS[kind][id]!;
      expect([id, weight >= prior / 2.51 && weight <= prior * 2.51]).toEqual([id, true]);
      if (fixed) expect(weight).toBe(prior);
    }
  });
  test('no rule and no weight names a good or a style', () => {
    for (const { id } of RULES[kind]) expect(String(id)).toMatch(/^[a-z-]+$/);
  });
});

// Common practice, no source: a sweet wine is for what is sweet, hot, mouldy or a rich paste of liver, not for a dry ham.
test('a salty good does not ask for a sweet drink by its own sweetness, nor what is sliced by its fat', () => {
  const asks = (id: string) => hostFacts(demoCounter().find((good) => good.id === id) as Main).wantsSweet;
  const pairing = (sense: Partial<Main['sense']>) => hostFacts(aCheese('c', {}, sense)).wantsSweet;
  expect(asks('harbourmaster')).toBeLessThan(2);
  expect(asks('silk-pate')).toBeGreaterThan(asks('harbourmaster'));
  const fat = demoCounter().filter((good) => good.kind === 'meat' && good.sense.fat > 7) as Meat[];
  const leaner = (meat: Meat) => hostFacts({ ...meat, sense: { ...meat.sense, fat: 5 } }).wantsSweet;
  for (const meat of fat.filter(({ build }) => build !== 'spreadable'))
    expect(hostFacts(meat).wantsSweet).toBe(leaner(meat));
  expect(fat.length).toBeGreaterThan(2);
  expect(pairing({ sweet: 5, salty: 8 })).toBeLessThan(pairing({ sweet: 5, salty: 3 }) + 0.4 * 3);
  expect(pairing({ sweet: 6, salty: 3 })).toBeGreaterThan(pairing({ sweet: 3, salty: 3 }));
});
