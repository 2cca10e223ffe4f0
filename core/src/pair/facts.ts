import { drinkSense, softnessOf } from '../sense/index.js';
import {
  companyFamiliesOf,
  customsOf,
  familiesOf,
  type CompanyFamily,
  type CustomsOf,
} from './customs/index.js';
import { memoisedBy } from '../units/index.js';
import type { Aroma, Companion, Drink, Main, Meat, Sense } from '../counter/index.js';

/** What something stands beside: a cheese, a meat, or a piece of chocolate that is tasted for itself. */
export type Host = Main | Companion;
/** What stands beside it. A meat stands beside a cheese. */
export type Beside = Companion | Drink;
export type Company = Beside | Meat;

/** What the rules read of a host, worked out once. */
export interface HostFacts extends Sense {
  readonly name: string;
  readonly aromas: readonly Aroma[];
  readonly place: string;
  /** How soft in the mouth, 10 flows, 0 breaks. */
  readonly soft: number;
  /** 0 to 4: how much of a cream it is; a meat only where it is spread. */
  readonly cream: number;
  /** 0 to 4: how easily a quiet cheese is hidden. Meat, salted and savoury, is not. */
  readonly quiet: number;
  /** 1 where a mould runs through the paste, 0 elsewhere. */
  readonly mould: number;
  /** 1 for fish. */
  readonly fish: number;
  /** 1 for a meat. */
  readonly meat: number;
  /** How sweet a drink it asks for: more the saltier, hotter, sweeter, bitterer it is, and most where a mould runs through it. */
  readonly wantsSweet: number;
  /** What custom says of company, by its families. */
  readonly customs: CustomsOf;
}

/** What the rules read of company; what its kind has nothing of is 0. */
export interface CompanyFacts extends Sense {
  readonly name: string;
  readonly aromas: readonly Aroma[];
  readonly place: string;
  readonly crunch: number;
  readonly juice: number;
  readonly scented: number;
  readonly tannin: number;
  readonly bubbles: number;
  readonly body: number;
  /** The burn of alcohol, from 12 % up. */
  readonly burn: number;
  readonly spice: number;
  /** 1 for bread and crackers, which carry. */
  readonly carrier: number;
  /** What a custom would call it. */
  readonly families: readonly CompanyFamily[];
}

const placeOf = ({ origin }: Company): string => (origin.region ? `${origin.region}, ${origin.country}` : '');

const softOf = (host: Host): number =>
  host.kind === 'companion' ? Math.max(0, 10 - host.crunch) : softnessOf(host);

const more = (x: number, than: number): number => Math.max(0, x - than);

function asksSweet(host: Host): number {
  const { salty, heat, funk, sweet, bitter, fat } = host.sense;
  const mould = host.kind === 'cheese' && host.texture === 'blue' ? 4 : 0;
  const rich = host.kind === 'meat' && host.build === 'spreadable' ? 2 * more(fat, 6) : 0;
  return (
    0.5 +
    mould +
    rich +
    0.4 * more(salty, 5) +
    0.5 * more(heat, 3) +
    0.5 * more(funk, 5) +
    2 * more(sweet, Math.max(3, salty - 1)) +
    0.8 * more(bitter, 3)
  );
}

export const hostFacts = memoisedBy((host: Host): HostFacts => ({
  ...host.sense,
  name: host.name,
  aromas: host.aromas,
  place: placeOf(host as Company),
  soft: softOf(host),
  cream:
    host.kind === 'cheese' || (host.kind === 'meat' && host.build === 'spreadable')
      ? more(softOf(host), 5)
      : 0,
  quiet: host.kind === 'meat' ? 0 : Math.max(0, 4.5 - host.sense.intensity),
  wantsSweet: asksSweet(host),
  customs: customsOf(familiesOf(host)),
  mould: host.kind === 'cheese' && host.texture === 'blue' ? 1 : 0,
  fish: host.kind === 'meat' && host.animals.some(({ animal }) => animal === 'fish') ? 1 : 0,
  meat: host.kind === 'meat' ? 1 : 0,
}));

interface FeltBrief {
  readonly sweet: number;
  readonly sour: number;
  readonly intensity: number;
  readonly crunch: number;
  readonly juice: number;
  readonly scented: number;
  readonly tannin: number;
  readonly bubbles: number;
  readonly body: number;
  readonly burn: number;
  readonly spice: number;
  readonly carrier: number;
}

/** What a kind of company has of its own. */
function feltOf(company: Company): FeltBrief {
  const { sweet, sour, intensity } = company.sense;
  const none = {
    crunch: 0,
    juice: 0,
    scented: 0,
    tannin: 0,
    bubbles: 0,
    body: 0,
    burn: 0,
    spice: 0,
    carrier: 0,
  };
  if (company.kind === 'meat') return { sweet, sour, intensity, ...none };
  if (company.kind === 'drink') {
    const { acid, ...felt } = drinkSense(company);
    return { ...none, ...felt, sour: acid };
  }
  const { crunch, juice, scented, role } = company;
  const carrier = role === 'bread' || role === 'cracker' ? 1 : 0;
  return { sweet, sour, intensity, ...none, crunch, juice, scented, carrier };
}

/** All facts are built in one form: rules read millions of them. */
export const companyFacts = memoisedBy((company: Company): CompanyFacts => {
  const felt = feltOf(company);
  const { salty, bitter, umami, fat, heat, smoke, funk, persistence } = company.sense;
  return {
    name: company.name,
    aromas: company.aromas,
    place: placeOf(company),
    sweet: felt.sweet,
    sour: felt.sour,
    salty,
    bitter,
    umami,
    fat,
    heat,
    smoke,
    funk,
    intensity: felt.intensity,
    persistence,
    crunch: felt.crunch,
    juice: felt.juice,
    scented: felt.scented,
    tannin: felt.tannin,
    bubbles: felt.bubbles,
    body: felt.body,
    burn: felt.burn,
    spice: felt.spice,
    carrier: felt.carrier,
    families: companyFamiliesOf(company),
  };
});
